package rondel.desktop.export;

import java.util.List;
import java.util.Optional;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.FormatChoices;
import rondel.formats.export.LineLook;
import rondel.formats.export.RasterSize;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.PrintInks;
import rondel.job.Sheet;
import rondel.job.SheetId;

/** What the person wants exported.
 *
 * @param what left out, what is usual for the kind of file
 * @param allSheets every sheet of the job, not just the one on the bench
 * @param selectionOnly only what is selected, cropped to it
 * @param frame left out, what is usual for the kind of file
 * @param level for each element of a level: how many groups deep, from 1
 * @param how what there is to choose for the kind of file
 * @param printReady as a print shop takes it; of PDF only
 * @param inks with which a print shop prints */
public record ExportChoice(
        ExportFormat format,
        Optional<ExportWhat> what,
        boolean allSheets,
        boolean selectionOnly,
        Optional<ExportRequest.Frame> frame,
        RasterSize size,
        boolean transparent,
        LineLook lines,
        ExportRequest.Each each,
        int level,
        FormatChoices how,
        boolean printReady,
        PrintInks inks) {

    /** Written as is usual for the kind of file. */
    public ExportChoice(
            ExportFormat format,
            Optional<ExportWhat> what,
            boolean allSheets,
            boolean selectionOnly,
            Optional<ExportRequest.Frame> frame,
            RasterSize size,
            boolean transparent,
            LineLook lines,
            ExportRequest.Each each) {
        this(
                format,
                what,
                allSheets,
                selectionOnly,
                frame,
                size,
                transparent,
                lines,
                each,
                1,
                FormatChoices.USUAL,
                false,
                PrintInks.USUAL);
    }

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
                sheets(job, sheet),
                selectionOnly ? selected : List.of(),
                frame,
                size,
                transparent,
                lines,
                each,
                level,
                how);
    }

    /** Those that go out.
     *
     * @param sheet the one on the bench */
    public List<SheetId> sheets(Job job, SheetId sheet) {
        return allSheets ? job.sheets().stream().map(Sheet::id).toList() : List.of(sheet);
    }
}
