package rondel.devices.cutter.standin;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import rondel.geometry.Point;

/** How long the machine takes for what it is told, step by step of half a millisecond: it sees only the moves that are in its memory, and
 *  goes so fast that it could stop at the end of them; at a corner it slows down to what the change of direction allows. */
final class MachineClock {

    /** How many moves its memory holds. */
    private static final int MEMORY = 96;

    private static final double TICK = 0.0005;

    private final CutterBody body;
    private final Deque<Move> ahead = new ArrayDeque<>();
    private Point end = new Point(0, 0);
    private double speed;
    private double seconds;

    private record Move(double dx, double dy, double length, double most) {}

    MachineClock(CutterBody body) {
        this.body = body;
    }

    /** The time that has passed for all that was finished, in s. */
    double seconds() {
        return seconds;
    }

    /** @param most how fast it may go, in mm/s */
    void go(Point to, double most) {
        double length = end.distanceTo(to);
        if (length > 0) {
            ahead.add(new Move((to.x() - end.x()) / length, (to.y() - end.y()) / length, length, most));
            end = to;
            if (ahead.size() > MEMORY) {
                run();
            }
        }
    }

    /** Finishes all moves, and stands. */
    void stand() {
        while (!ahead.isEmpty()) {
            run();
        }
        speed = 0;
    }

    /** The tool goes up or down while the machine stands. */
    void tool() {
        stand();
        seconds += body.lift();
    }

    private void run() {
        Move move = ahead.poll();
        double exit = exit(move);
        double left = move.length;
        while (left > 1e-9) {
            double cruise = left - (speed * speed - exit * exit) / (2 * body.acceleration()) - speed * TICK;
            if (cruise > 0 && speed >= move.most - 1e-9) {
                // Nothing changes until it has to slow down.
                seconds += cruise / speed;
                left -= cruise;
            }
            double braking = Math.sqrt(exit * exit + 2 * body.acceleration() * left);
            double next = Math.min(Math.min(speed + body.acceleration() * TICK, move.most), braking);
            double mean = Math.max((speed + next) / 2, 1e-6);
            double gone = mean * TICK;
            if (gone >= left || next <= 1e-9) {
                seconds += left / mean;
                left = 0;
            } else {
                seconds += TICK;
                left -= gone;
            }
            speed = next;
        }
        speed = Math.min(speed, exit);
    }

    /** How fast it may be at the end of a move. */
    private double exit(Move move) {
        if (ahead.isEmpty()) {
            return 0;
        }
        List<Move> moves = new ArrayList<>(List.of(move));
        moves.addAll(ahead);
        double allowed = 0;
        for (int i = moves.size() - 2; i >= 0; i--) {
            Move next = moves.get(i + 1);
            allowed = Math.min(
                    corner(moves.get(i), next), Math.sqrt(allowed * allowed + 2 * body.acceleration() * next.length));
        }
        return allowed;
    }

    /** By the arc that would round the corner: v² = a r. */
    private double corner(Move a, Move b) {
        double cos = a.dx * b.dx + a.dy * b.dy;
        double half = Math.acos(Math.clamp(cos, -1, 1)) / 2;
        double most = Math.min(a.most, b.most);
        if (half < 1e-6) {
            return most;
        }
        double radius = body.corner() * Math.cos(half) / (1 - Math.cos(half));
        return Math.min(most, Math.sqrt(body.acceleration() * radius));
    }
}
