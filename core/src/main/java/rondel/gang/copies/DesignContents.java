package rondel.gang.copies;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.TextElement;
import rondel.lines.pieces.PieceElements;
import rondel.operation.Targets;
import rondel.words.Refusal;

/** What designs of a job look like now, each worked out once. Where a design looks as its copies did before, the old content is given, so
 *  that nothing is painted anew. Not for several threads at once. */
public final class DesignContents {

    private static final int LONGEST_NAME = 40;

    private final Job job;
    private final Map<Design, CopyContent> before;
    private final Map<Design, CopyContent> now = new HashMap<>();
    private final Set<Design> open = new LinkedHashSet<>();

    public DesignContents(Job job) {
        this(job, shownBy(job));
    }

    /** @param before what copies showed until now */
    public DesignContents(Job job, Map<Design, CopyContent> before) {
        this.job = job;
        this.before = before;
    }

    public Job job() {
        return job;
    }

    /** What the copies in a job show. */
    public static Map<Design, CopyContent> shownBy(Job job) {
        Map<Design, CopyContent> all = new HashMap<>();
        job.sheets().stream()
                .filter(CopiesWithin::any)
                .flatMap(s -> s.elements().stream())
                .flatMap(GroupElement::everything)
                .forEach(e -> {
                    if (e instanceof CopyElement c && c.content() != CopyContent.NOTHING) {
                        all.putIfAbsent(c.of(), c.content());
                    }
                });
        return all;
    }

    /** What a design looks like; what it did where it is no longer there.
     *
     * @throws Refusal if it holds itself */
    public CopyContent of(Design design) {
        CopyContent known = now.get(design);
        if (known != null) {
            return known;
        }
        if (!open.add(design)) {
            throw Refusal.of("copy.holdsItself", name(job, design));
        }
        CopyContent old = before.get(design);
        if (old != null && !isThere(job, design)) {
            open.remove(design);
            CopyContent still = still(old);
            now.put(design, still);
            return still;
        }
        CopyContent fresh = made(design).orElse(old == null ? CopyContent.NOTHING : old);
        open.remove(design);
        CopyContent kept = old != null && old.equals(fresh) ? old : fresh;
        now.put(design, kept);
        return kept;
    }

    /** A design's size, by which it is laid out.
     *
     * @throws Refusal if it is not there, or has none */
    public Box box(Design design) {
        Box box = of(design).box();
        if (!(box.width() > 0 && box.height() > 0)) {
            throw Refusal.of("copy.nothing", name(job, design));
        }
        return box;
    }

    /** What a design is called, for sentences and lists. */
    public static String name(Job job, Design design) {
        return switch (design) {
            case Design.Whole w ->
                job.find(w.element())
                        .map(l -> said(l.element()))
                        .orElse(w.element().value());
            case Design.Piece p ->
                job.find(p.outline())
                        .map(l -> said(l.element()))
                        .orElse(p.outline().value());
            case Design.Page p ->
                job.sheets().stream()
                        .filter(s -> s.id().equals(p.sheet()))
                        .findFirst()
                        .map(Sheet::name)
                        .orElse(p.sheet().value());
            case Design.Flat f ->
                f.faces().isEmpty() ? "" : name(job, f.faces().getFirst().design());
            case Design.Row r ->
                job.list(r.list())
                        .filter(l -> r.row() < l.rows().size() && !l.blanks().isEmpty())
                        .map(l -> l.rows()
                                .get(r.row())
                                .cells()
                                .get(l.column(l.blanks().getFirst().column())))
                        .filter(s -> !s.isEmpty())
                        .orElseGet(() -> name(job, r.template()));
            case Design.InRows r -> name(job, r.of());
        };
    }

    /** A text without a name is called by what it says. */
    private static String said(Element e) {
        boolean text = e instanceof TextElement && e.name().isBlank();
        String words = text ? ((TextElement) e).content().strip().replaceAll("\\s+", " ") : "";
        return words.isEmpty() ? Targets.display(e) : words.substring(0, Math.min(words.length(), LONGEST_NAME));
    }

    /** Whether a design is there to be shown. */
    public static boolean isThere(Job job, Design design) {
        return design.everything().allMatch(d -> switch (d) {
            case Design.Whole w -> job.find(w.element()).isPresent();
            case Design.Piece p -> job.find(p.outline()).isPresent();
            case Design.Page p -> job.sheets().stream().anyMatch(s -> s.id().equals(p.sheet()));
            case Design.Row r ->
                job.list(r.list()).filter(l -> r.row() < l.rows().size()).isPresent();
            default -> true;
        });
    }

    /** What is shown of a design that is gone stands still: copies in it are groups from then on. Followed further it could come to hold itself. */
    private static CopyContent still(CopyContent shown) {
        List<Element> all = shown.group().children();
        List<Element> groups = grouped(all);
        return groups == all ? shown : shown.withElements(groups);
    }

    private static List<Element> grouped(List<Element> elements) {
        return CopiesWithin.replaced(elements, c -> {
            GroupElement g = c.asGroup();
            return g.withChildren(grouped(g.children()));
        });
    }

    private Optional<CopyContent> made(Design design) {
        return switch (design) {
            case Design.Whole w ->
                job.find(w.element())
                        .map(l -> centred(List.of(upToDate(l.element()
                                .with(t -> t.withPlacement(l.ownToSheet()).withHidden(false))))));
            case Design.Piece p ->
                job.find(p.outline())
                        .map(l -> centred(
                                PieceElements.of(l).stream().map(this::upToDate).toList()));
            case Design.Page p ->
                job.sheets().stream()
                        .filter(s -> s.id().equals(p.sheet()))
                        .findFirst()
                        .map(this::page);
            case Design.Flat f -> Optional.of(new FlatContent(this::of).of(f));
            case Design.Row r -> job.list(r.list()).map(l -> new RowContent(job, l).of(of(r.template()), r.row()));
            case Design.InRows r -> Optional.of(NeighbouredContent.of(of(r.of()), r));
        };
    }

    /** A copy that shows what its design does now. */
    CopyElement shown(CopyElement copy) {
        CopyContent content = of(copy.of());
        return content == copy.content() ? copy : copy.withContent(content);
    }

    /** Copies inside a design show what their own designs do now. */
    private Element upToDate(Element e) {
        return CopiesWithin.replaced(e, this::shown);
    }

    private static CopyContent centred(List<Element> onSheet) {
        Box box = DesignBox.of(onSheet).orElse(new Box(0, 0, 0, 0));
        return about(onSheet, Optional.empty(), box);
    }

    /** Elements about the middle of a box in their own space. */
    static CopyContent about(List<Element> elements, Optional<Outline> clip, Box box) {
        Affine move = Affine.translate(-box.centre().x(), -box.centre().y());
        return new CopyContent(
                elements.stream()
                        .map(e -> e.with(t -> t.placedBy(move).withLocked(false)))
                        .toList(),
                clip.map(o -> new Clip(o.transformed(move), FillRule.NON_ZERO)),
                new Box(-box.width() / 2, -box.height() / 2, box.width(), box.height()));
    }

    private CopyContent page(Sheet sheet) {
        List<Element> made = sheet.elements().stream()
                .filter(e -> !e.hidden() && e.role() != Role.GUIDE && !sheet.parks(e))
                .map(this::upToDate)
                .toList();
        return about(made, Optional.of(Outline.rectangle(sheet.trim().grown(sheet.bleed()))), sheet.trim());
    }
}
