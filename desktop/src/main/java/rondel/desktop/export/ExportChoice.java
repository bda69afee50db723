package rondel.desktop.export;

import java.util.List;
import java.util.Optional;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.LineLook;
import rondel.formats.export.RasterSize;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;

/** What the person wants exported.
 *
 * @param what left out, what is usual for the kind of file
 * @param allSheets every sheet of the job, not just the one on the bench
 * @param selectionOnly only what is selected, cropped to it
 * @param frame left out, what is usual for the kind of file */
public record ExportChoice(
        ExportFormat format,
        Optional<ExportWhat> what,
        boolean allSheets,
        boolean selectionOnly,
        Optional<ExportRequest.Frame> frame,
        RasterSize size,
        boolean transparent,
        LineLook lines,
        ExportRequest.Each each) {

    /** The sheet on the bench as is usual. */
    public ExportChoice(ExportFormat format, boolean selectionOnly, double ppi, boolean transparent) {
        this(
                format,
                Optional.empty(),
                false,
                selectionOnly,
                Optional.empty(),
                RasterSize.ofPpi(ppi),
                transparent,
                format == ExportFormat.SVG ? LineLook.BY_ROLE : LineLook.AS_DRAWN,
                ExportRequest.Each.SHEET);
    }

    /** For a job.
     *
     * @param sheet the one on the bench
     * @param selected what is selected there */
    public ExportRequest request(Job job, SheetId sheet, List<ElementId> selected) {
        return new ExportRequest(
                format,
                what,
                allSheets ? job.sheets().stream().map(Sheet::id).toList() : List.of(sheet),
                selectionOnly ? selected : List.of(),
                frame,
                size,
                transparent,
                lines,
                each);
    }
}
