package rondel.run.registration;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rondel.gang.marks.RegistrationMarks.Form;
import rondel.gang.marks.RegistrationMarks.Mark;
import rondel.geometry.Point;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Finds the marks of a printed sheet on a picture of it: spots that look like them; of those the four that lie to each other as the marks do;
 *  then the map from sheet to picture that brings the edges of all four nearest to where they are seen. What is found is never guessed: a
 *  mark that is not there, or marks that don't lie as they should, is a sentence. */
public final class MarkSearch {

    /** How far off, as a share of the way between the first and the third mark, the other two may be seen from where a picture that is only
     *  turned and sized would have them: so much do shear and a hand-held camera. */
    private static final double ASKEW = 0.12;

    /** How far a mark's radius may be from what the distances say, as a share. */
    private static final double ODD_RADIUS = 0.25;

    /** An edge that is seen farther from where it should be, in mm, tells that it is not that mark. */
    private static final double WORST_RESIDUAL = 0.12;

    private static final double LARGEST_SCALE_DIFFERENCE = 1.35;

    private MarkSearch() {}

    private record Match(List<MarkCandidates.Found> marks, double askew) {}

    /** @param marks as they are on the sheet: a disc, a ring, a dotted ring opposite to the disc, and a ring
     *  @throws Refusal if they are not all there, or don't lie as they should */
    public static Registration of(GreyPicture picture, List<Mark> marks) {
        MarkCandidates candidates = MarkCandidates.of(picture);
        Match match = matches(candidates, marks).stream()
                .min(Comparator.comparingDouble(Match::askew))
                .orElseThrow(() -> missing(candidates, marks));
        List<Point> design = marks.stream().map(Mark::centre).toList();
        Homography first = Homography.of(
                design, match.marks.stream().map(MarkCandidates.Found::centre).toList());
        EdgeFit.Fitted fitted = EdgeFit.of(picture, marks, first);
        Point middle = middle(design);
        double residual = fitted.residual() / fitted.map().scaleAt(middle);
        boolean uneven = design.stream()
                .mapToDouble(p -> fitted.map().scaleAt(p) / fitted.map().scaleAt(middle))
                .anyMatch(s -> s > LARGEST_SCALE_DIFFERENCE || s < 1 / LARGEST_SCALE_DIFFERENCE);
        if (!(residual < WORST_RESIDUAL) || uneven || fitted.map().mirrorsAt(middle)) {
            throw Refusal.of("register.wrong");
        }
        return new Registration(
                fitted.map(),
                residual,
                design.stream().map(fitted.map()::apply).toList(),
                picture.width(),
                picture.height());
    }

    private static Point middle(List<Point> points) {
        return new Point(
                points.stream().mapToDouble(Point::x).average().orElse(0),
                points.stream().mapToDouble(Point::y).average().orElse(0));
    }

    /** Sets of four spots that lie to each other nearly as the marks do. */
    private static List<Match> matches(MarkCandidates candidates, List<Mark> marks) {
        Point disc = marks.get(0).centre();
        Point opposite = marks.get(2).centre();
        double way = disc.distanceTo(opposite);
        List<Match> all = new ArrayList<>();
        for (MarkCandidates.Found a : candidates.of(marks.get(0).form())) {
            Cancellation.check();
            for (MarkCandidates.Found c : candidates.of(marks.get(2).form())) {
                double seen = a.centre().distanceTo(c.centre());
                double scale = seen / way;
                if (odd(a, scale) || odd(c, scale)) {
                    continue;
                }
                Optional<MarkCandidates.Found> b = nearest(candidates, marks, 1, a, c, scale);
                Optional<MarkCandidates.Found> d = nearest(candidates, marks, 3, a, c, scale);
                if (b.isPresent() && d.isPresent() && b.get() != d.get()) {
                    double askew = b.get().centre().distanceTo(turned(marks, 1, a, c)) / seen
                            + d.get().centre().distanceTo(turned(marks, 3, a, c)) / seen;
                    all.add(new Match(List.of(a, b.get(), c, d.get()), askew));
                }
            }
        }
        return all;
    }

    private static boolean odd(MarkCandidates.Found found, double scale) {
        double expected = rondel.gang.marks.RegistrationMarks.RADIUS * scale;
        return Math.abs(found.radius() / expected - 1) > ODD_RADIUS;
    }

    private static Optional<MarkCandidates.Found> nearest(
            MarkCandidates candidates,
            List<Mark> marks,
            int mark,
            MarkCandidates.Found a,
            MarkCandidates.Found c,
            double scale) {
        Point expected = turned(marks, mark, a, c);
        double reach = ASKEW * a.centre().distanceTo(c.centre());
        return candidates.of(marks.get(mark).form()).stream()
                .filter(f -> !odd(f, scale) && f.centre().distanceTo(expected) < reach)
                .min(Comparator.comparingDouble(f -> f.centre().distanceTo(expected)));
    }

    /** Where a mark would be on a picture that is only turned and sized, by the first and the third. */
    private static Point turned(List<Mark> marks, int mark, MarkCandidates.Found a, MarkCandidates.Found c) {
        Point from = marks.get(0).centre();
        double dx = marks.get(2).centre().x() - from.x();
        double dy = marks.get(2).centre().y() - from.y();
        double ex = c.centre().x() - a.centre().x();
        double ey = c.centre().y() - a.centre().y();
        double square = dx * dx + dy * dy;
        double cos = (dx * ex + dy * ey) / square;
        double sin = (dx * ey - dy * ex) / square;
        double px = marks.get(mark).centre().x() - from.x();
        double py = marks.get(mark).centre().y() - from.y();
        return new Point(a.centre().x() + cos * px - sin * py, a.centre().y() + sin * px + cos * py);
    }

    private static Refusal missing(MarkCandidates candidates, List<Mark> marks) {
        List<String> kinds = new ArrayList<>();
        for (Form form : Form.values()) {
            long wanted = marks.stream().filter(m -> m.form() == form).count();
            if (candidates.of(form).size() < wanted) {
                kinds.add(Words.of("register.form." + form));
            }
        }
        return kinds.isEmpty()
                ? Refusal.of("register.wrong")
                : Refusal.of("register.missing", String.join(", ", kinds));
    }
}
