package rondel.desktop.files;

import java.nio.file.Path;
import java.util.List;
import rondel.desktop.export.ExportChoice;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.Replacing;
import rondel.formats.page.Page;
import rondel.formats.png.PixelSize;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.lines.check.Finding;
import rondel.paint.PictureSource;

/** A file that is to be made of a sheet, or of what was selected on it.
 *
 * @param selected what was selected when it was asked for */
record Export(Job job, SheetId sheet, List<ElementId> selected, ExportChoice choice) {

    /** @return what could not be painted
     *  @throws rondel.words.Refusal if it can't be written */
    List<Finding> write(Path file, PictureSource pictures) {
        Page page = choice.selectionOnly() && !selected.isEmpty()
                ? Page.ofElements(job, sheet, selected)
                : Page.ofSheet(job, sheet);
        Page shown = choice.transparent() ? page.withoutPaper() : page;
        ExportFormat format = choice.format();
        PixelSize size = format.ofPixels() ? PixelSize.atPpi(shown, choice.ppi()) : new PixelSize(1, 1, choice.ppi());
        return format.write(shown, size, pictures, file, Replacing.ANYTHING);
    }
}
