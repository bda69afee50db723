package rondel.gang.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rondel.colour.ColoursInUse;
import rondel.gang.copies.ContentBleed;
import rondel.gang.copies.FlatContent;
import rondel.gang.fold.FlatPaper;
import rondel.gang.marks.ColourBar;
import rondel.gang.marks.CornerMarks;
import rondel.gang.marks.RegistrationMarks;
import rondel.gang.marks.SheetLabel;
import rondel.gang.rows.CommonCuts;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.Folding;
import rondel.job.FontChoice;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.Paint;
import rondel.job.Plan;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.text.Typesetter;
import rondel.words.Words;

/** What a plan adds to a sheet beside its copies: lines that are cut between pieces, and marks. */
final class AddedElements {

    /** A cut line's width where it is shown, in mm. */
    private static final double LINE = 0.25;

    /** What stays free beside a registration mark, in mm. */
    private static final double RIM = 3;

    private static final FontChoice FONT = new FontChoice("Nunito", 400, false);

    private final Job job;
    private final Plan plan;
    private final Optional<Typesetter> typesetter;

    /** @param typesetter nothing where there are no fonts: labels are left out then */
    AddedElements(Job job, Plan plan, Optional<Typesetter> typesetter) {
        this.job = job;
        this.plan = plan;
        this.typesetter = typesetter;
    }

    /** @param copies as they are on the sheet, those that a hand has moved too
     *  @param count how many sheets the plan has */
    List<Element> of(LaidSheet sheet, List<CopyElement> copies, int count) {
        List<Element> all = new ArrayList<>();
        List<Box> boxes = copies.stream().map(CopyElement::placedBox).toList();
        if (!sheet.inside()) {
            cutLines(copies.stream()
                            .filter(c -> c.of() instanceof Design.InRows in && in.bare())
                            .map(CopyElement::placedBox)
                            .toList())
                    .forEach(line -> all.add(cut(line)));
        }
        MarkSettings marks = plan.marks();
        Box usable = sheet.stock().usable();
        double bleed = copies.stream()
                .mapToDouble(c -> ContentBleed.of(c.content()))
                .max()
                .orElse(0);
        CornerMarks corners = new CornerMarks(marks, boxes, bleed, usable);
        if (marks.trim()) {
            all.addAll(corners.trim());
        }
        List<Point[]> folds = sheet.inside() ? List.of() : folds(copies);
        if (!folds.isEmpty()) {
            all.addAll(corners.fold(folds));
        }
        if (marks.register()) {
            RegistrationMarks.of(usable).forEach(m -> all.add(RegistrationMarks.drawn(m)));
        }
        double left = usable.x() + (marks.register() ? RegistrationMarks.INSET + RegistrationMarks.RADIUS + RIM : 0);
        double right = usable.right() - (left - usable.x());
        if (marks.names() && typesetter.isPresent() && right > left) {
            Box room = new Box(left, usable.y(), right - left, PlanArea.STRIP);
            SheetLabel.of(label(sheet, count), FONT, typesetter.get(), room).ifPresent(all::add);
        }
        if (marks.colourBar() && right > left) {
            double from = left + (marks.register() ? RegistrationMarks.ASIDE : 0);
            Box room = new Box(from, usable.bottom() - PlanArea.STRIP, Math.max(0, right - from), PlanArea.STRIP);
            all.addAll(ColourBar.of(colours(copies), room));
        }
        return all;
    }

    /** Closed lines around boxes that stand alone; where boxes touch, lines that are cut for both. */
    private static List<Outline> cutLines(List<Box> boxes) {
        List<Box> alone = CommonCuts.alone(boxes);
        List<Outline> lines =
                new ArrayList<>(alone.stream().map(Outline::rectangle).toList());
        List<Box> touching = new ArrayList<>(boxes);
        touching.removeAll(alone);
        CommonCuts.of(touching)
                .forEach(c -> lines.add(new OutlineBuilder()
                        .moveTo(c.from().x(), c.from().y())
                        .lineTo(c.to().x(), c.to().y())
                        .build()));
        return lines;
    }

    private String label(LaidSheet sheet, int count) {
        String number = Words.of(
                sheet.inside() ? "marks.sheetInside" : "marks.sheet",
                String.valueOf(sheet.number() + 1),
                String.valueOf(count));
        return Stream.of(job.title(), plan.name(), number)
                .filter(s -> !s.isBlank())
                .reduce((a, b) -> a + " · " + b)
                .orElse(number);
    }

    private static Element cut(Outline line) {
        return new ShapeElement(
                Traits.named(Words.of("plan.cutLine")).withRole(Role.CUT),
                line,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(RoleLook.usual(Role.CUT).colour(), LINE)));
    }

    /** The folds of all copies that show theirs by marks. */
    private List<Point[]> folds(List<CopyElement> copies) {
        List<Point[]> folds = new ArrayList<>();
        for (CopyElement c : copies) {
            Design.Flat flat = c.of().folded().orElse(null);
            if (flat == null || !(plan.marks().fold() || flat.folding().score() == Folding.Score.MARKS)) {
                continue;
            }
            FlatPaper paper = FlatContent.paper(flat);
            Affine toSheet = c.placement().times(Affine.translate(-paper.width() / 2, -paper.height() / 2));
            paper.folds().forEach(f -> folds.add(new Point[] {toSheet.apply(f.from()), toSheet.apply(f.to())}));
        }
        return folds;
    }

    private List<Rgba> colours(List<CopyElement> copies) {
        Set<Rgba> all = new LinkedHashSet<>();
        Set<Role> roles = new java.util.TreeSet<>();
        copies.stream().map(CopyElement::content).distinct().forEach(content -> {
            all.addAll(content.once(
                    ColoursInUse.class,
                    g -> ColoursInUse.of(content.everything()
                            .filter(e -> e.role() == Role.PRINT && e.children().isEmpty() && !e.hidden()))));
            content.<List<Role>>once("roles", g -> content.everything()
                            .map(Element::role)
                            .distinct()
                            .toList())
                    .forEach(roles::add);
        });
        roles.stream()
                .filter(r -> r != Role.PRINT && r != Role.GUIDE)
                .forEach(r -> all.add(job.lookOf(r).colour()));
        return List.copyOf(all);
    }
}
