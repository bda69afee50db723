package rondel.formats.hpgl;

import java.util.List;
import java.util.Set;
import rondel.geometry.Point;

/** Where a pen goes by instructions: absolute and relative moves, scaling, turned axes, arcs and circles by chords, boxes. In mm, y up, from
 *  the lower left corner. */
public final class HpglPen {

    private static final double UNIT = 0.025;

    /** Degrees of an arc that one chord is for, where the writer does not say. */
    private static final double CHORD = 5;

    private static final Set<String> TAKEN_QUIETLY = Set.of(
            "LT", "PT", "VA", "AP", "AC", "SL", "SI", "SR", "DI", "DR", "CS", "CA", "SS", "SA", "CP", "TL", "XT", "YT",
            "IM", "IW", "PW", "RP", "PG", "PS", "NP", "WU", "QL", "CT", "FT", "UC", "SM");

    private final Motion motion;
    private double x;
    private double y;
    private boolean down;
    private boolean relative;
    private double originX;
    private double originY;
    private double unitX = 1;
    private double unitY = 1;
    private double p1x;
    private double p1y;
    private double p2x = 10_000;
    private double p2y = 10_000;
    private boolean turned;
    private long unknown;

    /** What a machine does. */
    public interface Motion {
        /** Goes straight to a place.
         *
         * @param down whether the tool is lowered on the way */
        void go(Point to, boolean down);

        /** The tool is lowered or lifted where it is. */
        void tool(boolean down);

        /** @param number of the tool; 0 for none */
        void select(int number);

        /** @param cmPerSecond nothing below 0 */
        void speed(double cmPerSecond);

        void force(double force);

        /** Something is asked, or set up: a code that begins with O or ESC., or IN. */
        void other(HpglInstruction instruction);
    }

    public HpglPen(Motion motion) {
        this.motion = motion;
    }

    /** How many instructions it did not know. */
    public long unknown() {
        return unknown;
    }

    /** Where it is, in plotter units. */
    public Point units() {
        return new Point(x, y);
    }

    public boolean isDown() {
        return down;
    }

    public void take(HpglInstruction i) {
        switch (i.code()) {
            case "PU" -> line(i, false);
            case "PD" -> line(i, true);
            case "PA" -> {
                relative = false;
                moves(i.figures());
            }
            case "PR" -> {
                relative = true;
                moves(i.figures());
            }
            case "SP" -> motion.select(i.has(1) ? (int) i.figure(0) : 0);
            case "VS" -> {
                if (i.has(1) && i.figure(0) > 0) {
                    motion.speed(i.figure(0));
                }
            }
            case "FS" -> {
                if (i.has(1)) {
                    motion.force(i.figure(0));
                }
            }
            case "IN", "DF" -> {
                reset();
                motion.other(i);
            }
            case "IP" -> corners(i);
            case "SC" -> scale(i);
            case "RO" -> turned = i.has(1) && Math.abs(i.figure(0)) % 180 == 90;
            case "AA" -> arc(i, false);
            case "AR" -> arc(i, true);
            case "CI" -> circle(i);
            case "EA" -> box(i, false);
            case "ER" -> box(i, true);
            default -> {
                boolean asked = i.code().startsWith("O") || i.code().startsWith("ESC.");
                if (asked) {
                    motion.other(i);
                } else if (!TAKEN_QUIETLY.contains(i.code())) {
                    unknown++;
                }
            }
        }
    }

    private void reset() {
        if (down) {
            down = false;
            motion.tool(false);
        }
        relative = false;
        turned = false;
        originX = 0;
        originY = 0;
        unitX = 1;
        unitY = 1;
        p1x = 0;
        p1y = 0;
        p2x = 10_000;
        p2y = 10_000;
    }

    private void line(HpglInstruction i, boolean lower) {
        if (lower != down) {
            down = lower;
            motion.tool(lower);
        }
        moves(i.figures());
    }

    private void moves(List<Double> figures) {
        for (int k = 0; k + 1 < figures.size(); k += 2) {
            if (relative) {
                go(x + figures.get(k) * unitX, y + figures.get(k + 1) * unitY);
            } else {
                go(atX(figures.get(k)), atY(figures.get(k + 1)));
            }
        }
    }

    private double atX(double user) {
        return originX + user * unitX;
    }

    private double atY(double user) {
        return originY + user * unitY;
    }

    private void go(double toX, double toY) {
        x = toX;
        y = toY;
        Point mm = turned ? new Point(-y * UNIT, x * UNIT) : new Point(x * UNIT, y * UNIT);
        motion.go(mm, down);
    }

    private void corners(HpglInstruction i) {
        if (i.has(4)) {
            p1x = i.figure(0);
            p1y = i.figure(1);
            p2x = i.figure(2);
            p2y = i.figure(3);
        }
    }

    private void scale(HpglInstruction i) {
        boolean given = i.has(4) && i.figure(1) != i.figure(0) && i.figure(3) != i.figure(2);
        unitX = given ? (p2x - p1x) / (i.figure(1) - i.figure(0)) : 1;
        unitY = given ? (p2y - p1y) / (i.figure(3) - i.figure(2)) : 1;
        originX = given ? p1x - i.figure(0) * unitX : 0;
        originY = given ? p1y - i.figure(2) * unitY : 0;
    }

    private void arc(HpglInstruction i, boolean fromHere) {
        if (i.has(3)) {
            double cx = fromHere ? x + i.figure(0) * unitX : atX(i.figure(0));
            double cy = fromHere ? y + i.figure(1) * unitY : atY(i.figure(1));
            chords(cx, cy, Math.atan2(y - cy, x - cx), Math.hypot(x - cx, y - cy), i.figure(2), chord(i, 3));
        }
    }

    private static double chord(HpglInstruction i, int at) {
        return i.has(at + 1) ? Math.clamp(Math.abs(i.figure(at)), 0.5, 120) : CHORD;
    }

    private void chords(double cx, double cy, double from, double radius, double degrees, double chord) {
        double sweep = Math.clamp(degrees, -360, 360);
        int count = (int) Math.max(1, Math.ceil(Math.abs(sweep) / chord));
        for (int k = 1; k <= count; k++) {
            double a = from + Math.toRadians(sweep) * k / count;
            go(cx + radius * Math.cos(a), cy + radius * Math.sin(a));
        }
    }

    private void circle(HpglInstruction i) {
        if (i.has(1)) {
            double cx = x;
            double cy = y;
            boolean was = down;
            double radius = Math.abs(i.figure(0) * unitX);
            lower(false);
            go(cx + radius, cy);
            lower(true);
            chords(cx, cy, 0, radius, 360, chord(i, 1));
            lower(false);
            go(cx, cy);
            lower(was);
        }
    }

    private void box(HpglInstruction i, boolean fromHere) {
        if (i.has(2)) {
            double ax = x;
            double ay = y;
            double bx = fromHere ? x + i.figure(0) * unitX : atX(i.figure(0));
            double by = fromHere ? y + i.figure(1) * unitY : atY(i.figure(1));
            boolean was = down;
            lower(true);
            go(bx, ay);
            go(bx, by);
            go(ax, by);
            go(ax, ay);
            lower(was);
        }
    }

    private void lower(boolean to) {
        if (down != to) {
            down = to;
            motion.tool(to);
        }
    }
}
