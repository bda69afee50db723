package rondel.formats.export;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import rondel.compose.tryout.TryOuts;
import rondel.formats.page.Page;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.Tree;
import rondel.operation.Targets;
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
                case ALTERNATIVE -> alternatives(sheet, number, pages);
            }
        }
        if (pages.isEmpty()) {
            throw Refusal.of(
                    request.each() == ExportRequest.Each.ALTERNATIVE ? "export.noTryOut" : "export.nothingVisible");
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
        for (Element e : chosen) {
            List<Element> kept = kept(sheet).apply(List.of(e));
            if (!kept.isEmpty()) {
                Page page = page(job, sheet, List.of(e.id()));
                pages.add(new Named(page, Targets.display(e), sheet, number));
            }
        }
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
        return request.transparent() || leavesPaperOut(sheet) ? page.withoutPaper() : page;
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
