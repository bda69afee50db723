package rondel.devices.camera;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import rondel.devices.Misfeed;
import rondel.formats.files.AtomicFile;
import rondel.formats.picture.ScannedPicture;
import rondel.formats.png.PngWriter;
import rondel.words.Refusal;

/** What the camera over a cutter's bed sees of a printed sheet that lies there, as a file. */
public final class BedPicture {

    private static final double MM_PER_INCH = 25.4;

    private BedPicture() {}

    /** Writes {@code bed.png} into a folder, as fine as the picture of the sheet.
     *
     * @param sheet a picture of the whole sheet that says its size
     * @throws Refusal if it can't be read, or says no size */
    public static Path write(Path sheet, Misfeed misfeed, Path folder) {
        ScannedPicture picture = ScanFile.read(sheet);
        double ppi = picture.ppi().orElseThrow(() -> Refusal.of("cutter.noSize", sheet.getFileName()));
        BufferedImage image = picture.image();
        double width = image.getWidth() * MM_PER_INCH / ppi;
        double height = image.getHeight() * MM_PER_INCH / ppi;
        Path file = folder.resolve("bed.png");
        BufferedImage seen = StandInCamera.bed(image, width, height, misfeed, ppi);
        AtomicFile.write(file, o -> PngWriter.write(seen, ppi, o));
        return file;
    }
}
