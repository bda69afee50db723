package rondel.formats.export;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import rondel.formats.files.Replacing;
import rondel.formats.page.Page;
import rondel.formats.png.PixelSize;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.paint.PictureSource;
import rondel.progress.Advance;
import rondel.progress.Cancellation;

/** Files that leave a job, as one request asks for them. */
public final class Exporting {

    private Exporting() {}

    /** One file with its pages; only a PDF has several. */
    public record Output(Path file, List<Page> pages, PixelSize size, boolean trimmed, boolean shared, DxfChoice dxf) {}

    /** All files of a request, worked out before any is written.
     *
     * @param target its name; where there are several files, a pattern for their names
     * @throws rondel.words.Refusal if something that is asked for is not there */
    public static List<Output> outputs(Job job, ExportRequest request, Path target) {
        DxfChoice dxf = request.dxf().withLooks(job.roleLooks());
        List<ExportPages.Named> pages = new ExportPages(job, request).all();
        boolean together = request.format() == ExportFormat.PDF && request.each() == ExportRequest.Each.SHEET;
        if (together) {
            return List.of(new Output(
                    target,
                    pages.stream().map(ExportPages.Named::page).toList(),
                    new PixelSize(1, 1, 72),
                    false,
                    request.lines().shared(),
                    dxf));
        }
        List<Path> files = FileNamePattern.files(target, job, pages, request.each());
        List<Output> outputs = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            Page page = pages.get(i).page();
            boolean exact = request.size().width().isPresent()
                    || request.size().height().isPresent();
            boolean trimmed = request.format() == ExportFormat.PNG
                    && request.frame()
                            .filter(f -> f == ExportRequest.Frame.SEEN)
                            .isPresent()
                    && !exact;
            if (request.format().ofPixels()) {
                RasterSize.Framed framed = request.size().of(page);
                outputs.add(new Output(
                        files.get(i),
                        List.of(framed.page()),
                        framed.size(),
                        trimmed,
                        request.lines().shared(),
                        dxf));
            } else {
                outputs.add(new Output(
                        files.get(i),
                        List.of(page),
                        new PixelSize(1, 1, 72),
                        false,
                        request.lines().shared(),
                        dxf));
            }
        }
        return outputs;
    }

    /** Writes the files, each whole or not at all.
     *
     * @param over what each may replace
     * @return what could not be painted, and what else there is to say */
    public static List<Finding> write(
            List<Output> outputs, ExportRequest request, PictureSource pictures, Function<Path, Replacing> over) {
        List<Finding> found = new ArrayList<>();
        if (request.transparent() && request.format() == ExportFormat.JPG) {
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
