package rondel.devices.cutter.standin;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import rondel.devices.Misfeed;
import rondel.formats.hpgl.HpglInstruction;
import rondel.formats.hpgl.HpglPen;
import rondel.geometry.Point;

/** What the machine does with what it is told: moves its tool, records where the tip was, keeps time, and jams if it is to. One thread moves it;
 *  any may ask what was cut. */
final class CutterBed implements HpglPen.Motion {

    /** How many places of the tip are recorded at most: some hundred metres of curves. */
    private static final int MOST_PLACES = 4_000_000;

    /** Where a blade points that nobody has moved yet: anywhere but where one would like. */
    private static final double FIRST_HEADING = 2.2;

    private static final int BLADE = 1;
    private static final double USUAL_SPEED = 100;

    private final CutterBody body;
    private final Misfeed misfeed;
    private final Consumer<HpglInstruction> other;
    private final List<List<Point>> lines = new ArrayList<>();
    private final List<Integer> tools = new ArrayList<>();
    private List<Point> line = new ArrayList<>();
    private MachineClock clock;
    private TrailingBlade blade;
    private OptionalInt jamAfter;
    private int tool = BLADE;
    private double speed = USUAL_SPEED;
    private int places;
    private boolean down;
    private boolean jammed;
    private boolean outside;
    private boolean finished;
    private double told;

    CutterBed(CutterBody body, Misfeed misfeed, OptionalInt jamAfter, Consumer<HpglInstruction> other) {
        this.body = body;
        this.misfeed = misfeed;
        this.jamAfter = jamAfter;
        this.other = other;
        clock = new MachineClock(body);
        blade = new TrailingBlade(body.bladeOffset(), FIRST_HEADING);
    }

    boolean isJammed() {
        return jammed;
    }

    /** Whether it was told to go where it can't. */
    boolean wasSentOutside() {
        return outside;
    }

    /** Whether the tool was put away after something was made. */
    synchronized boolean isFinished() {
        return finished;
    }

    /** Somebody has cleared a jam. */
    void clear() {
        jammed = false;
        outside = false;
    }

    /** What was cut so far. */
    synchronized CutRecord record() {
        List<List<Point>> all = new ArrayList<>(lines);
        List<Integer> with = new ArrayList<>(tools);
        if (line.size() > 1) {
            all.add(List.copyOf(line));
            with.add(tool);
        }
        return new CutRecord(all, with, clock.seconds(), places < MOST_PLACES);
    }

    /** Something new is loaded. */
    synchronized void load() {
        lines.clear();
        tools.clear();
        line = new ArrayList<>();
        places = 0;
        finished = false;
        clock = new MachineClock(body);
        told = 0;
    }

    /** Seconds of its time that have passed since this was asked last. */
    double sinceLast() {
        double now = clock.seconds();
        double since = now - told;
        told = now;
        return since;
    }

    @Override
    public synchronized void go(Point to, boolean lowered) {
        if (jammed) {
            return;
        }
        Point within = new Point(Math.clamp(to.x(), 0, body.width()), Math.clamp(to.y(), 0, body.height()));
        outside |= within.distanceTo(to) > 0.02;
        clock.go(within, lowered ? Math.min(speed, body.fastest()) : body.travelSpeed());
        if (lowered) {
            blade.lowered(within, this::cut);
        } else {
            blade.lifted(within);
        }
    }

    private void cut(Point tip) {
        if (places < MOST_PLACES) {
            places++;
            line.add(onSheet(tip));
        }
    }

    private Point onSheet(Point tip) {
        Point p = misfeed.onSheet(tip);
        return new Point(p.x(), body.height() - p.y());
    }

    @Override
    public synchronized void tool(boolean lowered) {
        if (jammed) {
            return;
        }
        clock.tool();
        down = lowered;
        if (lowered) {
            if (jamAfter.isPresent() && lines.size() >= jamAfter.getAsInt()) {
                jammed = true;
                jamAfter = OptionalInt.empty();
                return;
            }
            line = new ArrayList<>(List.of(onSheet(blade.tip())));
        } else {
            if (line.size() > 1) {
                lines.add(List.copyOf(line));
                tools.add(tool);
            }
            line = new ArrayList<>();
        }
    }

    @Override
    public synchronized void select(int number) {
        clock.stand();
        if (number == 0) {
            finished = !lines.isEmpty();
        } else if (number != tool) {
            Point at = blade.middle();
            tool = number;
            blade = new TrailingBlade(number == BLADE ? body.bladeOffset() : 0, FIRST_HEADING);
            blade.lifted(at);
        }
    }

    @Override
    public void speed(double cmPerSecond) {
        speed = Math.max(1, cmPerSecond * 10);
    }

    @Override
    public void force(double force) {
        // The material gives way to any.
    }

    @Override
    public void other(HpglInstruction instruction) {
        other.accept(instruction);
    }

    /** All moves made, for whoever waits for them. */
    synchronized void stand() {
        clock.stand();
    }

    boolean isDown() {
        return down;
    }
}
