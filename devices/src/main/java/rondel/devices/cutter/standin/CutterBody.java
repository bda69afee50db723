package rondel.devices.cutter.standin;

/** What the machine is like.
 *
 * @param width how far it reaches across, in mm
 * @param height how far along, in mm
 * @param bladeOffset how far the tip of its blade trails, in mm
 * @param fastest of its tool, in mm/s
 * @param travelSpeed with the tool lifted, in mm/s
 * @param acceleration in mm/s²
 * @param corner how far a corner may be rounded in thought, in mm
 * @param lift how long the tool takes to go up or down, in s
 * @param pace how many times as fast as a real one it is; 0 for as fast as it can be computed */
public record CutterBody(
        double width,
        double height,
        double bladeOffset,
        double fastest,
        double travelSpeed,
        double acceleration,
        double corner,
        double lift,
        double pace) {

    public static final CutterBody USUAL = new CutterBody(620, 1250, 0.25, 600, 400, 3000, 0.05, 0.04, 0);

    public CutterBody withBladeOffset(double other) {
        return new CutterBody(width, height, other, fastest, travelSpeed, acceleration, corner, lift, pace);
    }

    public CutterBody withPace(double other) {
        return new CutterBody(width, height, bladeOffset, fastest, travelSpeed, acceleration, corner, lift, other);
    }
}
