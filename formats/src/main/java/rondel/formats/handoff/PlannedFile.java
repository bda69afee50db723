package rondel.formats.handoff;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import rondel.formats.page.Page;
import rondel.formats.png.PixelSize;
import rondel.job.HandOffOutput;
import rondel.job.SheetId;
import rondel.lines.check.Finding;

/** A file of a hand-off set as it will be.
 *
 * @param output of the set that it comes from
 * @param sheets of which it shows something
 * @param pages what it shows, each of exact size in mm; none for a table
 * @param pixels how many it has, where it is made of them */
public record PlannedFile(
        String name,
        HandOffOutput output,
        List<SheetId> sheets,
        List<Page> pages,
        Optional<PixelSize> pixels,
        Content content) {

    /** What writes it. */
    @FunctionalInterface
    public interface Content {
        /** @return what could not be carried over */
        List<Finding> write(OutputStream out) throws IOException;
    }

    public PlannedFile {
        sheets = List.copyOf(sheets);
        pages = List.copyOf(pages);
    }
}
