package rondel.desktop.files;

import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import rondel.desktop.export.ExportChoice;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.Exporting;
import rondel.formats.export.PrintReady;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.lines.check.Finding;
import rondel.paint.PictureSource;

/** Files that are to be made of sheets, or of what was selected on one.
 *
 * @param selected what was selected when it was asked for */
record Export(Job job, SheetId sheet, List<ElementId> selected, ExportChoice choice) {

    /** Only the file that was named may be replaced, since only about that one the person was asked.
     *
     * @return what could not be painted
     *  @throws rondel.words.Refusal if it can't be written */
    List<Finding> write(Path file, PictureSource pictures) {
        if (choice.printReady() && choice.format() == ExportFormat.PDF) {
            PrintReady ready = new PrintReady(job, choice.sheets(job, sheet), Map.of(), choice.inks());
            AtomicFile.write(file, Replacing.ANYTHING, out -> ready.write(pictures, ZonedDateTime.now(), out));
            return List.of();
        }
        ExportRequest request = choice.request(job, sheet, selected);
        List<Exporting.Output> outputs = Exporting.outputs(job, request, file);
        return Exporting.write(
                outputs, request, pictures, f -> f.equals(file) ? Replacing.ANYTHING : Replacing.NOTHING);
    }
}
