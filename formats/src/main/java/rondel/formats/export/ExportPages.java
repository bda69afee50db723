package rondel.formats.export;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import rondel.compose.tryout.TryOuts;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.lines.pieces.UsedPieces;
import rondel.operation.Targets;
import rondel.paint.PaintedExtent;
import rondel.words.Refusal;

/** The pages that a request asks for, each with what its file may be named by. */
final class ExportPages {

    private final Job job;
    private final ExportRequest request;

    ExportPages(Job job, ExportRequest request) {
        this.job = job;
        this.request = request;
    }

    /** A page and what it is called.
     *
     * @param name of what is on it
     * @param sheet the number of its sheet, from 1 */
    record Named(Page page, String name, Sheet of, int sheet) {}

    List<Named> all() {
        List<Named> pages = new ArrayList<>();
        for (var id : request.sheets()) {
            Sheet sheet = job.sheet(id);
            int number = job.sheets().indexOf(sheet) + 1;
            switch (request.each()) {
                case SHEET -> pages.add(new Named(page(job, sheet, request.only()), sheet.name(), sheet, number));
                case ELEMENT -> elements(sheet, number, pages);
                case LEVEL -> level(sheet, number, pages);
                case PIECE -> pieces(sheet, number, pages);
                case ALTERNATIVE -> alternatives(sheet, number, pages);
            }
        }
        if (pages.isEmpty()) {
            throw Refusal.of(
                    switch (request.each()) {
                        case ALTERNATIVE -> "export.noTryOut";
                        case PIECE -> "export.noPieces";
                        default -> "export.nothingVisible";
                    });
        }
        return pages;
    }

    private void elements(Sheet sheet, int number, List<Named> pages) {
        Set<ElementId> only = request.only().isEmpty() ? Set.of() : Targets.existing(job, request.only());
        List<Element> chosen = only.isEmpty()
                ? sheet.elements().stream()
                        .filter(e -> Page.made(e) && !sheet.parks(e))
                        .toList()
                : sheet.elements().stream()
                        .flatMap(GroupElement::everything)
                        .filter(e -> only.contains(e.id()))
                        .toList();
        chosen.forEach(e -> add(Targets.display(e), List.of(e), sheet, number, pages));
    }

    /** A page of some elements, unless nothing of them goes out. */
    private void add(String name, List<Element> elements, Sheet sheet, int number, List<Named> pages) {
        if (!kept(sheet).apply(elements).isEmpty()) {
            List<ElementId> ids = elements.stream().map(Element::id).toList();
            pages.add(new Named(page(job, sheet, ids), name, sheet, number));
        }
    }

    private void level(Sheet sheet, int number, List<Named> pages) {
        List<Element> at = request.only().isEmpty()
                ? sheet.elements()
                : Targets.existing(job, request.only()).stream()
                        .flatMap(id -> sheet.find(id).stream())
                        .map(l -> l.element())
                        .toList();
        for (int i = 1; i < request.level(); i++) {
            at = at.stream()
                    .flatMap(e -> e.children().isEmpty() ? Stream.of(e) : e.children().stream())
                    .toList();
        }
        at.stream()
                .filter(e -> Page.made(e) && !sheet.parks(e))
                .forEach(e -> add(Targets.display(e), List.of(e), sheet, number, pages));
    }

    /** Each piece in its own outline's box: what is printed as it is cut off, or, where its lines go too, with the bleed beyond them. */
    private void pieces(Sheet sheet, int number, List<Named> pages) {
        List<Element> made = sheet.elements().stream()
                .filter(e -> Page.made(e) && !sheet.parks(e))
                .toList();
        for (UsedPieces.UsedPiece piece : UsedPieces.of(made)) {
            List<Element> shown = what(sheet).kind() == ExportWhat.Kind.PRINT
                    ? cutOff(piece, kept(sheet).apply(made))
                    : kept(sheet).apply(piece.elements());
            if (!shown.isEmpty()) {
                String name = UsedPieces.called(piece.name(), pages.size() + 1);
                pages.add(new Named(Page.around(job, name, piece.box(), shown), name, sheet, number));
            }
        }
    }

    private static List<Element> cutOff(UsedPieces.UsedPiece piece, List<Element> printed) {
        List<Element> content = printed.stream()
                .filter(e -> PaintedExtent.of(e, Affine.IDENTITY)
                        .filter(b -> b.intersects(piece.box()))
                        .isPresent())
                .toList();
        Clip edge = new Clip(piece.outline(), FillRule.EVEN_ODD);
        return content.isEmpty()
                ? List.of()
                : List.of(new GroupElement(Traits.named(piece.name()), content, Optional.of(edge), Optional.empty()));
    }

    private void alternatives(Sheet sheet, int number, List<Named> pages) {
        List<GroupElement> tryOuts = sheet.elements().stream()
                .flatMap(GroupElement::everything)
                .filter(e -> e instanceof GroupElement g && g.isTryOut())
                .map(GroupElement.class::cast)
                .toList();
        for (GroupElement tryOut : tryOuts) {
            for (int i = 0; i < tryOut.children().size(); i++) {
                int shown = i;
                Job other = Tree.replace(
                        job, Set.of(tryOut.id()), (e, toSheet) -> TryOuts.showing((GroupElement) e, shown));
                Page page = new ExportPages(other, request).page(other, other.sheet(sheet.id()), request.only());
                Element alternative = tryOut.children().get(i);
                String name =
                        alternative.name().isBlank() ? Targets.display(tryOut) + " " + (i + 1) : alternative.name();
                pages.add(new Named(page, name, sheet, number));
            }
        }
    }

    private Page page(Job from, Sheet sheet, List<ElementId> only) {
        UnaryOperator<List<Element>> kept = kept(sheet);
        ExportRequest.Frame frame = request.frame().orElseGet(() -> usualFrame(only));
        UnaryOperator<List<Element>> chosen =
                only.isEmpty() ? kept : elements -> kept.apply(Page.chosen(from, sheet.id(), only));
        Page page =
                switch (frame) {
                    case SHEET -> Page.ofSheet(from, sheet.id(), chosen);
                    case BLEED -> Page.withBleed(from, sheet.id(), chosen);
                    case SEEN ->
                        only.isEmpty()
                                ? Page.cropped(from, sheet.id(), kept)
                                : Page.ofElements(from, sheet.id(), only, kept);
                };
        Page arranged = request.format() == ExportFormat.SVG ? arranged(page) : page;
        return request.transparent() || leavesPaperOut(sheet) ? arranged.withoutPaper() : arranged;
    }

    private Page arranged(Page page) {
        SvgChoice how = request.how().svg();
        List<Element> kept = how.pictures() ? page.elements() : GroupedElements.withoutPictures(page.elements());
        return page.with(
                switch (how.grouping()) {
                    case AS_IN_JOB -> kept;
                    case COLOURS -> GroupedElements.byColour(kept);
                    case PIECES -> GroupedElements.byPiece(kept);
                });
    }

    private ExportRequest.Frame usualFrame(List<ElementId> only) {
        if (!only.isEmpty()) {
            return ExportRequest.Frame.SEEN;
        }
        return request.format() == ExportFormat.PDF ? ExportRequest.Frame.BLEED : ExportRequest.Frame.SHEET;
    }

    private UnaryOperator<List<Element>> kept(Sheet sheet) {
        ExportWhat what = what(sheet);
        return elements -> new RoleLines(job).of(elements, what, request.lines());
    }

    private ExportWhat what(Sheet sheet) {
        return request.what()
                .orElseGet(() -> request.format() == ExportFormat.DXF && RoleLines.any(sheet.elements())
                        ? ExportWhat.LINES
                        : request.format() == ExportFormat.SVG || !RoleLines.prints(sheet.elements())
                                ? ExportWhat.ALL
                                : ExportWhat.PRINT);
    }

    /** White paper would be a shape to a cutter. */
    private boolean leavesPaperOut(Sheet sheet) {
        ExportWhat what = what(sheet);
        boolean white = sheet.paper().equals(Optional.of(Rgba.WHITE));
        boolean vectorsToCut = request.format() == ExportFormat.SVG
                && what.kind() == ExportWhat.Kind.ALL
                && RoleLines.any(sheet.elements());
        return what.onlyLines() || white && vectorsToCut;
    }
}
