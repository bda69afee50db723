package rondel.formats.export;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import rondel.formats.files.Replacing;
import rondel.formats.page.Page;
import rondel.formats.png.PixelSize;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.paint.PictureSource;
import rondel.progress.Advance;
import rondel.progress.Cancellation;

/** Files that leave a job, as one request asks for them. */
public final class Exporting {

    private Exporting() {}

    /** One file with its pages; only a PDF has several.
     *
     * @param sheets of which it shows something
     * @param trimmed whether edges on which nothing can be seen are cut off when it is painted */
    public record Output(
            Path file, List<Page> pages, PixelSize size, boolean trimmed, List<SheetId> sheets, ExportRequest request) {
        public Output {
            pages = List.copyOf(pages);
            sheets = List.copyOf(sheets);
        }
    }

    private static final PixelSize NO_PIXELS = new PixelSize(1, 1, 72);

    /** All files of a request, worked out before any is written.
     *
     * @param target its name; where there are several files, a pattern for their names
     * @throws rondel.words.Refusal if something that is asked for is not there */
    public static List<Output> outputs(Job job, ExportRequest asked, Path target) {
        ExportRequest request =
                asked.withHow(asked.how().withDxf(asked.how().dxf().withLooks(job.roleLooks())));
        List<ExportPages.Named> pages = new ExportPages(job, request).all();
        if (request.format() == ExportFormat.PDF && request.each() == ExportRequest.Each.SHEET) {
            return List.of(new Output(
                    target,
                    pages.stream().map(ExportPages.Named::page).toList(),
                    NO_PIXELS,
                    false,
                    pages.stream().map(p -> p.of().id()).toList(),
                    request));
        }
        List<Path> files = FileNamePattern.files(target, job, pages, request.each());
        List<Output> outputs = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            outputs.add(output(files.get(i), pages.get(i), request));
        }
        return outputs;
    }

    private static Output output(Path file, ExportPages.Named named, ExportRequest request) {
        List<SheetId> sheet = List.of(named.of().id());
        if (!request.format().ofPixels()) {
            return new Output(file, List.of(named.page()), NO_PIXELS, false, sheet, request);
        }
        boolean exact =
                request.size().width().isPresent() || request.size().height().isPresent();
        boolean seen =
                request.frame().filter(f -> f == ExportRequest.Frame.SEEN).isPresent();
        RasterSize.Framed framed = request.size().of(named.page());
        boolean trimmed = request.format() == ExportFormat.PNG && seen && !exact;
        return new Output(file, List.of(framed.page()), framed.size(), trimmed, sheet, request);
    }

    /** Writes the files, each whole or not at all.
     *
     * @param over what each may replace
     * @return what could not be painted, and what else there is to say */
    public static List<Finding> write(
            List<Output> outputs, ExportRequest request, PictureSource pictures, Function<Path, Replacing> over) {
        List<Finding> found = new ArrayList<>();
        boolean onWhite = request.how().jpeg().matte().equals(JpegChoice.USUAL.matte());
        if (request.transparent() && request.format() == ExportFormat.JPG && onWhite) {
            found.add(Finding.of(Severity.NOTE, "jpegOnWhite"));
        }
        for (int i = 0; i < outputs.size(); i++) {
            Cancellation.check();
            Advance.to(i, outputs.size());
            found.addAll(request.format()
                    .write(outputs.get(i), pictures, over.apply(outputs.get(i).file())));
        }
        return found.stream().distinct().toList();
    }
}
