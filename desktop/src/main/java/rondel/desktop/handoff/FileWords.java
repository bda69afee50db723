package rondel.desktop.handoff;

import java.util.Optional;
import rondel.formats.handoff.FileLook;
import rondel.formats.handoff.PlannedFile;
import rondel.formats.page.Page;
import rondel.formats.png.PixelSize;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Decimals;
import rondel.words.Words;

/** A planned file in words. */
final class FileWords {

    private static final double KILO = 1000;

    private FileWords() {}

    /** Its size in mm or what the job counts in, its pages or pixels. */
    static String size(PlannedFile file, LengthUnit unit) {
        if (file.pages().isEmpty()) {
            return Words.of("handoff.table");
        }
        Page page = file.pages().getFirst();
        String size = LengthFormat.size(page.width(), page.height(), unit);
        Optional<PixelSize> pixels = file.pixels();
        if (pixels.isPresent()) {
            String px = Words.of(
                    "export.summary.pixels", pixels.get().width(), pixels.get().height());
            // A listing's picture is no page of any size: only its pixels mean something.
            return file.output().what().isPreview() ? px : size + "\n" + px;
        }
        return file.pages().size() == 1
                ? size
                : size + ", " + Words.of("handoff.pages", file.pages().size());
    }

    /** About how many bytes. */
    static String bytes(PlannedFile file, FileLook look) {
        return Words.of(file.pixels().isPresent() ? "handoff.about" : "handoff.bytes", bytes(look.bytes()));
    }

    static String bytes(long bytes) {
        return bytes < KILO * KILO
                ? Math.max(1, Math.round(bytes / KILO)) + " kB"
                : Decimals.of(bytes / KILO / KILO, 1) + " MB";
    }
}
