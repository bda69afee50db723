package rondel.lines.filling;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import rondel.job.FillingSettings;

/** Copies on their way: where each stands, how large it is, and what pushes it. The first of them move, the others stay.
 *  What pushes a copy is kept by the distance that a push moves its rim by: a turn counts as the way of a point of the rim, a
 *  growth as that of the rim outwards. */
final class Bodies {

    /** What is known of each copy, one after the other. */
    private static final int X = 0;

    private static final int Y = 1;
    private static final int TURN = 2;
    private static final int GROWTH = 3;
    private static final int EACH = 4;

    private final FillingSettings settings;
    private final Placement[] placements;
    private final int moving;
    private final double[] x;
    private final double[] y;
    private final double[] angle;
    private final double[] size;
    private final double[] cos;
    private final double[] sin;
    private final int[] flip;
    private final double[] push;
    private final double[] speed;

    Bodies(FillingSettings settings, List<Placement> moving, List<Placement> still) {
        this.settings = settings;
        this.placements = Stream.concat(moving.stream(), still.stream()).toArray(Placement[]::new);
        this.moving = moving.size();
        this.x = Arrays.stream(placements).mapToDouble(Placement::x).toArray();
        this.y = Arrays.stream(placements).mapToDouble(Placement::y).toArray();
        this.angle = Arrays.stream(placements).mapToDouble(Placement::angle).toArray();
        this.size = Arrays.stream(placements).mapToDouble(Placement::size).toArray();
        this.cos = Arrays.stream(angle).map(StrictMath::cos).toArray();
        this.sin = Arrays.stream(angle).map(StrictMath::sin).toArray();
        this.flip =
                Arrays.stream(placements).mapToInt(s -> s.mirrored() ? -1 : 1).toArray();
        this.push = new double[EACH * this.moving];
        this.speed = new double[EACH * this.moving];
    }

    int count() {
        return placements.length;
    }

    boolean moves(int i) {
        return i < moving;
    }

    Motif motif(int i) {
        return placements[i].motif();
    }

    double x(int i) {
        return x[i];
    }

    double y(int i) {
        return y[i];
    }

    double size(int i) {
        return size[i];
    }

    /** A direction of the copy's own, as it is on the sheet. */
    double fromX(int i, double ownX, double ownY) {
        return size[i] * (cos[i] * flip[i] * ownX - sin[i] * ownY);
    }

    double fromY(int i, double ownX, double ownY) {
        return size[i] * (sin[i] * flip[i] * ownX + cos[i] * ownY);
    }

    /** A direction on the sheet, as the copy's own. */
    double ownX(int i, double dx, double dy) {
        return flip[i] * (cos[i] * dx + sin[i] * dy) / size[i];
    }

    double ownY(int i, double dx, double dy) {
        return (cos[i] * dy - sin[i] * dx) / size[i];
    }

    /** How far copies reach from their middles at most. */
    double farthest(int i) {
        return placements[i].motif().farthest() * size[i];
    }

    Stream<Placement> moved() {
        return java.util.stream.IntStream.range(0, moving)
                .mapToObj(i -> placements[i].at(x[i], y[i], angle[i]).sized(size[i]));
    }

    /** Nothing pushes any more but what makes copies grow: each more covers, the larger it is.
     *
     * @param pressure on each mm of a rim */
    void swell(double pressure) {
        Arrays.fill(push, 0);
        for (int i = 0; i < moving; i++) {
            push[EACH * i + GROWTH] = pressure * 2 * placements[i].motif().area() * size[i];
        }
    }

    /** Something pushes a copy at a point.
     *
     * @param fromX where the point is from the copy's middle
     * @param byX what pushes */
    void push(int i, double fromX, double fromY, double byX, double byY) {
        if (i < moving) {
            push[EACH * i + X] += byX;
            push[EACH * i + Y] += byY;
            push[EACH * i + TURN] += fromX * byY - fromY * byX;
            push[EACH * i + GROWTH] += (fromX * byX + fromY * byY) / size[i];
        }
    }

    /** What pushes copies becomes what moves them: heavier copies move less, and none beyond what it may be. */
    void weigh() {
        for (int i = 0; i < moving; i++) {
            int k = EACH * i;
            double lighter = 1 / (FillingTuning.WEIGHT * size[i]);
            push[k + X] *= lighter;
            push[k + Y] *= lighter;
            push[k + TURN] *= lighter / (FillingTuning.ARM * size[i]);
            push[k + GROWTH] *= 2 * lighter;
            halt(k + GROWTH, size[i] <= settings.from(), size[i] >= settings.to());
            double limit = Math.toRadians(settings.turning());
            halt(
                    k + TURN,
                    settings.turning() < 180 && angle[i] <= -limit,
                    settings.turning() < 180 && angle[i] >= limit);
        }
    }

    private void halt(int k, boolean atLeast, boolean atMost) {
        if (atLeast) {
            push[k] = Math.max(0, push[k]);
            speed[k] = Math.max(0, speed[k]);
        }
        if (atMost) {
            push[k] = Math.min(0, push[k]);
            speed[k] = Math.min(0, speed[k]);
        }
    }

    /** Whether copies move the way they are pushed. */
    boolean movesAsPushed() {
        double sum = 0;
        for (int k = 0; k < push.length; k++) {
            sum += push[k] * speed[k];
        }
        return sum > 0;
    }

    /** Turns the way that all move a little towards the way they are pushed, as fast as before. */
    void steer(double share) {
        double pushed = length(push);
        double fast = length(speed);
        double k = pushed == 0 ? 0 : share * fast / pushed;
        for (int i = 0; i < push.length; i++) {
            speed[i] = (1 - share) * speed[i] + k * push[i];
        }
    }

    void halt() {
        Arrays.fill(speed, 0);
    }

    private static double length(double[] all) {
        double sum = 0;
        for (double v : all) {
            sum += v * v;
        }
        return Math.sqrt(sum);
    }

    /** Copies become faster as they are pushed, and go on for a time. */
    void go(double time) {
        double limit = Math.toRadians(settings.turning());
        for (int i = 0; i < moving; i++) {
            int k = EACH * i;
            x[i] += step(k + X, time);
            y[i] += step(k + Y, time);
            double turned = angle[i] + step(k + TURN, time) / (FillingTuning.ARM * size[i]);
            angle[i] = settings.turning() >= 180 ? turned : Math.clamp(turned, -limit, limit);
            size[i] = Math.clamp(size[i] + 2 * step(k + GROWTH, time), settings.from(), settings.to());
            cos[i] = StrictMath.cos(angle[i]);
            sin[i] = StrictMath.sin(angle[i]);
        }
    }

    private double step(int k, double time) {
        speed[k] += time * push[k];
        return Math.clamp(time * speed[k], -FillingTuning.LONGEST_MOVE, FillingTuning.LONGEST_MOVE);
    }
}
