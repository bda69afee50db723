package rondel.run.registration;

import java.util.ArrayList;
import java.util.List;
import rondel.gang.marks.RegistrationMarks;
import rondel.gang.marks.RegistrationMarks.Form;
import rondel.geometry.Point;

/** Spots that look like marks: round from outside, and by how much of them is dark a disc, or a ring with a dot in it or without. */
record MarkCandidates(List<Found> all) {

    /** A spot that may be a mark.
     *
     * @param radius in pixels */
    record Found(Form form, Point centre, double radius) {}

    /** What is less round than this is no mark. */
    private static final double ROUND = 0.06;

    /** Perspective and shear make ellipses of circles, hardly flatter than this. */
    private static final double STRETCHED = 1.5;

    private static final double RING_INK = 1 - Math.pow(RegistrationMarks.HOLE / RegistrationMarks.RADIUS, 2);
    private static final double INK_SPREAD = 0.14;
    private static final double FULL = 0.93;

    /** Below this radius in pixels forms can't be told apart. */
    private static final double SMALLEST = 6;

    static MarkCandidates of(GreyPicture picture) {
        List<DarkSpots.Spot> spots = DarkSpots.of(picture);
        List<Found> all = new ArrayList<>();
        for (DarkSpots.Spot s : spots) {
            boolean round = Math.abs(s.roundness() - 1) < ROUND && s.stretch() < STRETCHED;
            if (!round || s.radius() < SMALLEST) {
                continue;
            }
            Point centre = new Point(s.x(), s.y());
            if (s.ink() > FULL) {
                all.add(new Found(Form.DISC, centre, s.radius()));
            } else if (Math.abs(s.ink() - RING_INK) < INK_SPREAD) {
                all.add(new Found(dotted(s, spots) ? Form.DOTTED_RING : Form.RING, centre, s.radius()));
            }
        }
        return new MarkCandidates(List.copyOf(all));
    }

    /** Whether a dot of the right size lies in the middle of a ring. */
    private static boolean dotted(DarkSpots.Spot ring, List<DarkSpots.Spot> spots) {
        double expected = ring.radius() * RegistrationMarks.DOT / RegistrationMarks.RADIUS;
        return spots.stream()
                .anyMatch(s -> Math.hypot(s.x() - ring.x(), s.y() - ring.y()) < 0.2 * ring.radius()
                        && s.radius() > 0.6 * expected
                        && s.radius() < 1.6 * expected);
    }

    List<Found> of(Form form) {
        return all.stream().filter(f -> f.form() == form).toList();
    }
}
