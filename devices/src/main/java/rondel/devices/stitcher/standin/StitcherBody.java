package rondel.devices.stitcher.standin;

import java.util.OptionalInt;
import rondel.run.stitch.SewingMachine;

/** What the machine is like.
 *
 * @param width of the field that its needle reaches, in mm
 * @param height of that field
 * @param speeds how long it takes for what it does
 * @param pace how many times as fast as a real one it is; 0 for as fast as it can be computed
 * @param breakAt the thread breaks once, at this stitch, counted from 1 */
public record StitcherBody(double width, double height, SewingMachine speeds, double pace, OptionalInt breakAt) {

    public static final StitcherBody USUAL = new StitcherBody(360, 360, SewingMachine.USUAL, 0, OptionalInt.empty());

    public StitcherBody withField(double wide, double high) {
        return new StitcherBody(wide, high, speeds, pace, breakAt);
    }

    public StitcherBody withSpeeds(SewingMachine other) {
        return new StitcherBody(width, height, other, pace, breakAt);
    }

    public StitcherBody withPace(double other) {
        return new StitcherBody(width, height, speeds, other, breakAt);
    }

    public StitcherBody withBreakAt(OptionalInt other) {
        return new StitcherBody(width, height, speeds, pace, other);
    }
}
