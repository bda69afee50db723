package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Move;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.operation.Targets;

/** What lies partly off the sheet: cut lines beyond the trim, print beyond the bleed or short of it, things in the margin.
 *  What lies wholly off it is parked, and is meant to. */
public record OffTheSheet() implements Check {

    private static final double NEAR = 0.01;

    @Override
    public List<Finding> of(Checked job) {
        List<Finding> found = new ArrayList<>();
        for (Sheet sheet : job.job().sheets()) {
            for (Element e : sheet.elements()) {
                Optional<Box> box = e.hidden() || e.role() == Role.GUIDE
                        ? Optional.empty()
                        : Extent.of(e, Affine.IDENTITY).filter(b -> b.intersects(sheet.trim()));
                box.flatMap(b -> look(e, b, sheet)).ifPresent(f -> found.add(f.about(e.id())));
            }
        }
        return found;
    }

    private static Optional<Finding> look(Element e, Box box, Sheet sheet) {
        String name = Targets.display(e);
        boolean printed = e.role() == Role.PRINT;
        Box trim = sheet.trim().grown(NEAR);
        Box bleed = sheet.trim().grown(sheet.bleed());
        if (!trim.contains(box)) {
            if (!printed || sheet.bleed() == 0) {
                return Optional.of(inside(Finding.of(Severity.WARNING, "offSheet", name), e, box, sheet));
            }
            if (!bleed.grown(NEAR).contains(box)) {
                return Optional.of(Finding.of(Severity.NOTE, "beyondBleed", name));
            }
            return shortOfBleed(box, sheet) && rimShows(box, sheet)
                    ? Optional.of(Finding.of(Severity.WARNING, "shortOfBleed", name))
                    : Optional.empty();
        }
        if (printed && sheet.bleed() > 0 && reachesEdge(box, sheet) && rimShows(box, sheet)) {
            return Optional.of(Finding.of(Severity.WARNING, "shortOfBleed", name));
        }
        boolean inMargin = sheet.safeMargin() > 0
                && !sheet.trim().grown(NEAR - sheet.safeMargin()).contains(box)
                && !reachesEdge(box, sheet);
        return inMargin ? Optional.of(Finding.of(Severity.NOTE, "inMargin", name)) : Optional.empty();
    }

    /** Whether it passes the trim at a side but ends before the bleed does. */
    private static boolean shortOfBleed(Box b, Sheet s) {
        double reach = s.bleed() - NEAR;
        return b.x() < -NEAR && b.x() > -reach
                || b.y() < -NEAR && b.y() > -reach
                || b.right() > s.width() + NEAR && b.right() < s.width() + reach
                || b.bottom() > s.height() + NEAR && b.bottom() < s.height() + reach;
    }

    /** Whether some of the strip between where it ends and the end of the bleed is covered by nothing else. */
    private static boolean rimShows(Box b, Sheet s) {
        Box bleed = s.trim().grown(s.bleed());
        List<Box> strips = new ArrayList<>();
        double top = Math.max(b.y(), bleed.y());
        double bottom = Math.min(b.bottom(), bleed.bottom());
        double left = Math.max(b.x(), bleed.x());
        double right = Math.min(b.right(), bleed.right());
        if (b.x() < NEAR) {
            strips.add(Box.between(bleed.x(), top, b.x(), bottom));
        }
        if (b.right() > s.width() - NEAR) {
            strips.add(Box.between(b.right(), top, bleed.right(), bottom));
        }
        if (b.y() < NEAR) {
            strips.add(Box.between(left, bleed.y(), right, b.y()));
        }
        if (b.bottom() > s.height() - NEAR) {
            strips.add(Box.between(left, b.bottom(), right, bleed.bottom()));
        }
        return strips.stream().anyMatch(strip -> s.elements().stream()
                .noneMatch(e ->
                        coverage(e).filter(c -> c.grown(NEAR).contains(strip)).isPresent()));
    }

    /** The box that a printed thing covers all of: an upright rectangle that nothing shines through. */
    private static Optional<Box> coverage(Element e) {
        boolean seen = !e.hidden() && e.role() == Role.PRINT && e.opacity() >= 1;
        if (!seen || e.placement().rotation() % 90 != 0) {
            return Optional.empty();
        }
        return switch (e) {
            case PictureElement p -> Extent.of(p, Affine.IDENTITY);
            case ShapeElement s ->
                s.fill().visible()
                                && s.outline()
                                        .bounds()
                                        .map(Outline::rectangle)
                                        .filter(r -> r.equals(s.outline()))
                                        .isPresent()
                        ? Extent.of(s, Affine.IDENTITY)
                        : Optional.empty();
            case GroupElement g ->
                g.clip().isEmpty() && g.mask().isEmpty()
                        ? g.children().stream()
                                .flatMap(c -> coverage(c.with(t -> t.placedBy(g.placement()))).stream())
                                .findFirst()
                        : Optional.empty();
            case CopyElement c -> coverage(c.asGroup());
            default -> Optional.empty();
        };
    }

    private static boolean reachesEdge(Box b, Sheet s) {
        return b.x() < NEAR || b.y() < NEAR || b.right() > s.width() - NEAR || b.bottom() > s.height() - NEAR;
    }

    private static Finding inside(Finding finding, Element e, Box box, Sheet sheet) {
        if (box.width() > sheet.width() || box.height() > sheet.height()) {
            return finding;
        }
        double dx = Math.max(0, -box.x()) + Math.min(0, sheet.width() - box.right());
        double dy = Math.max(0, -box.y()) + Math.min(0, sheet.height() - box.bottom());
        return e.locked() ? finding : finding.mendedBy(Fix.of(new Move(List.of(e.id()), dx, dy)));
    }
}
