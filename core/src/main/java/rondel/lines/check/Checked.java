package rondel.lines.check;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.operation.Targets;
import rondel.text.FontBook;
import rondel.text.Typesetter;

/** A job as checks see it: every element with where it stands, worked out once. */
public final class Checked {

    private final Job job;
    private final FontBook fonts;
    private final Limits limits;
    private final List<Placed> all = new ArrayList<>();
    private final List<CutLine> cutLines = new ArrayList<>();

    /** An element with where it stands.
     *
     * @param toSheet from its own space to the sheet's
     * @param toParent from its parent's space to the sheet's
     * @param hidden whether it or something around it is
     * @param parked whether it lies, or stands in something that lies, wholly off the sheet */
    public record Placed(
            Sheet sheet,
            Element element,
            Affine toSheet,
            Affine toParent,
            boolean hidden,
            boolean locked,
            boolean parked) {}

    public Checked(Job job, FontBook fonts, Limits limits) {
        this.job = job;
        this.fonts = fonts;
        this.limits = limits;
        for (Sheet sheet : job.sheets()) {
            for (Element e : sheet.elements()) {
                place(sheet, e, Affine.IDENTITY, new State(false, false, sheet.parks(e)));
            }
        }
        shown().stream().filter(p -> p.element().role().isCut()).forEach(p -> cutLines.addAll(CutLine.of(p)));
    }

    private record State(boolean hidden, boolean locked, boolean parked) {
        State with(Element e) {
            return new State(hidden || e.hidden(), locked || e.locked(), parked);
        }
    }

    /** What a plan adds to its sheets is the plan's: lines that cross between pieces, and marks, are meant to be as they are. */
    private static boolean isPlans(Element e) {
        return e instanceof GroupElement g && g.use() instanceof GroupUse.Added;
    }

    private void place(Sheet sheet, Element e, Affine toParent, State around) {
        Affine own = toParent.times(e.placement());
        State state = around.with(e);
        all.add(new Placed(sheet, e, own, toParent, state.hidden, state.locked, state.parked));
        if (!isPlans(e)) {
            e.children().forEach(c -> place(sheet, c, own, state));
        }
    }

    public Job job() {
        return job;
    }

    public Limits limits() {
        return limits;
    }

    public FontBook fonts() {
        return fonts;
    }

    public Typesetter typesetter() {
        return new Typesetter(() -> fonts);
    }

    /** Every element, group or not, hidden or not. */
    public List<Placed> all() {
        return all;
    }

    /** Every element that is not hidden, and not parked. */
    public List<Placed> shown() {
        return all.stream().filter(p -> !p.hidden() && !p.parked()).toList();
    }

    /** The contours that are to be cut and are not hidden, sheet by sheet from back to front. */
    public List<CutLine> cutLines() {
        return cutLines;
    }

    static String name(Placed p) {
        return Targets.display(p.element());
    }
}
