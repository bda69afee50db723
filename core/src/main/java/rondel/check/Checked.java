package rondel.check;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Role;
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
     * @param hidden whether it or something around it is */
    public record Placed(
            Sheet sheet, Element element, Affine toSheet, Affine toParent, boolean hidden, boolean locked) {}

    public Checked(Job job, FontBook fonts, Limits limits) {
        this.job = job;
        this.fonts = fonts;
        this.limits = limits;
        for (Sheet sheet : job.sheets()) {
            sheet.elements().forEach(e -> place(sheet, e, Affine.IDENTITY, false, false));
        }
        shown().stream().filter(p -> isCut(p.element())).forEach(p -> cutLines.addAll(CutLine.of(p)));
    }

    private void place(Sheet sheet, Element e, Affine toParent, boolean hidden, boolean locked) {
        Affine own = toParent.times(e.placement());
        boolean dark = hidden || e.hidden();
        boolean held = locked || e.locked();
        all.add(new Placed(sheet, e, own, toParent, dark, held));
        e.children().forEach(c -> place(sheet, c, own, dark, held));
    }

    public static boolean isCut(Element e) {
        return e.role() == Role.CUT || e.role() == Role.KISS_CUT;
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

    /** Every element that is not hidden. */
    public List<Placed> shown() {
        return all.stream().filter(p -> !p.hidden()).toList();
    }

    /** The contours that are to be cut and are not hidden, sheet by sheet from back to front. */
    public List<CutLine> cutLines() {
        return cutLines;
    }

    static String name(Placed p) {
        return Targets.display(p.element());
    }
}
