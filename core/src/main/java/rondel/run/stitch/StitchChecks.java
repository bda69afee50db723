package rondel.run.stitch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Hoop;
import rondel.job.Rgba;
import rondel.job.SewingSettings;
import rondel.job.SewnPart;
import rondel.job.Sheet;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.operation.Targets;
import rondel.progress.Cancellation;

/** What is to be said of what is stitched: its stitches, what lies outside of the hoop, gaps, letters that are too small, and an order by hand that
 *  covers what should lie on top. */
public final class StitchChecks implements Check {

    /** Smaller letters close up, in mm: so high are those without strokes upwards. */
    private static final double SMALLEST_LETTERS = 3;

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        for (Sheet sheet : checked.job().sheets()) {
            Cancellation.check();
            SewingSettings sewing = checked.job().run().of(sheet.id()).sewn();
            found.addAll(sheet.once(new Asked(sewing), s -> new OfSheet(s, sewing).all()));
        }
        return found;
    }

    /** Tells what is found in a sheet apart. */
    private record Asked(SewingSettings sewing) {}

    /** What is found in one sheet. */
    private static final class OfSheet {

        private final Sheet sheet;
        private final SewingSettings sewing;
        private final List<PartToSew> parts;
        private final Map<SewnPart, List<Stitch>> stitches = new HashMap<>();
        private final Map<SewnPart, Rgba> threads = new HashMap<>();
        private final Map<SewnPart, Integer> place = new HashMap<>();
        private final List<Finding> found = new ArrayList<>();
        private final StitchPattern pattern;

        OfSheet(Sheet sheet, SewingSettings sewing) {
            this.sheet = sheet;
            this.sewing = sewing;
            this.parts = PartsToSew.of(sheet);
            this.pattern = parts.isEmpty() ? new StitchPattern(List.of()) : StitchPlan.of(sheet, sewing);
            for (ThreadRun run : pattern.runs()) {
                for (int i = 0; i < run.parts().size(); i++) {
                    SewnPart part = run.parts().get(i).part();
                    stitches.put(part, run.stitches(i));
                    threads.put(part, run.thread());
                    place.put(part, place.size());
                }
            }
        }

        List<Finding> all() {
            if (parts.isEmpty()) {
                return List.of();
            }
            sewing.hoop().ifPresent(this::outside);
            for (PartToSew p : parts) {
                Cancellation.check();
                part(p);
            }
            found.addAll(PatternFindings.of(pattern, this::name));
            covered();
            return List.copyOf(found);
        }

        private String name(ElementId id) {
            return sheet.find(id).map(l -> Targets.display(l.element())).orElse(id.value());
        }

        private Finding about(Severity severity, String code, PartToSew p, Object... more) {
            List<Object> values = new ArrayList<>(List.of(name(p.part().element())));
            values.addAll(List.of(more));
            return Finding.of(severity, code, values.toArray()).about(p.part().element());
        }

        private void part(PartToSew p) {
            List<Stitch> own = stitches.getOrDefault(p.part(), List.of());
            if (own.isEmpty()) {
                found.add(about(Severity.WARNING, "stitchNothing", p));
                return;
            }
            if (p.shape().filled()) {
                BareCloth.of(p.shape().outline().toShape(p.shape().rule()), own)
                        .filter(s -> s.side() > BareCloth.SEEN)
                        .ifPresent(s -> found.add(about(
                                Severity.WARNING,
                                "stitchGap",
                                p,
                                PatternFindings.mm(s.side()),
                                PatternFindings.mm(s.at().x()),
                                PatternFindings.mm(s.at().y()))));
            }
            if (p.shape().letters()) {
                double tall = lettersTall(p.shape().outline());
                if (tall < SMALLEST_LETTERS) {
                    found.add(about(
                            Severity.WARNING,
                            "lettersSmall",
                            p,
                            PatternFindings.mm(tall),
                            PatternFindings.mm(SMALLEST_LETTERS)));
                }
            }
        }

        /** The median of how tall the contours of letters are, dots and counters left out: what is less than half as tall as the tallest. */
        private static double lettersTall(Outline letters) {
            List<Double> tall = Contour.of(letters).stream()
                    .map(c -> Box.around(
                                    c.segments().stream().map(b -> b.hull()).toList())
                            .map(Box::height)
                            .orElse(0.0))
                    .sorted()
                    .toList();
            double most = tall.getLast();
            List<Double> whole = tall.stream().filter(t -> t > most / 2).toList();
            return whole.get(whole.size() / 2);
        }

        private void outside(Hoop hoop) {
            boolean fits = pattern.extent()
                    .map(b -> hoop.holds(new Box(
                            (hoop.width() - b.width()) / 2, (hoop.height() - b.height()) / 2, b.width(), b.height())))
                    .orElse(false);
            for (PartToSew p : parts) {
                boolean out = stitches.getOrDefault(p.part(), List.of()).stream()
                        .anyMatch(s -> s.move() == Stitch.Move.SEW && !hoop.holds(s.at().x(), s.at().y()));
                if (out) {
                    Finding finding = about(Severity.ERROR, "outsideHoop", p, hoop.name());
                    found.add(fits ? finding.mendedBy(Fix.of(new CentreInHoop(sheet.id()))) : finding);
                }
            }
        }

        /** What an order by hand sews over though it lies on top. */
        private void covered() {
            if (sewing.order().isEmpty()) {
                return;
            }
            Map<SewnPart, Geometry> lines = new HashMap<>();
            stitches.forEach((p, s) -> lines.put(p, SewnLines.of(s)));
            Map<SewnPart, IndexedFacetDistance> nearness = new HashMap<>();
            for (int i = 0; i < parts.size(); i++) {
                for (int k = 0; k < i; k++) {
                    SewnPart over = parts.get(i).part();
                    SewnPart under = parts.get(k).part();
                    if (place.containsKey(over)
                            && place.containsKey(under)
                            && place.get(over) < place.get(under)
                            && !threads.get(over).equals(threads.get(under))
                            && nearness.computeIfAbsent(under, p -> new IndexedFacetDistance(lines.get(p)))
                                    .isWithinDistance(lines.get(over), StitchPlan.THREAD)) {
                        found.add(Finding.of(Severity.WARNING, "sewnOver", name(over.element()), name(under.element()))
                                .about(over.element())
                                .mendedBy(Fix.of(new OrderStitches(sheet.id(), List.of()))));
                    }
                }
            }
        }
    }
}
