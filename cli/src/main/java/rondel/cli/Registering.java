package rondel.cli;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import picocli.CommandLine.Option;
import rondel.devices.camera.ScanFile;
import rondel.formats.picture.ScannedPicture;
import rondel.gang.marks.RegistrationMarks;
import rondel.geometry.Point;
import rondel.job.Sheet;
import rondel.run.registration.GreyPicture;
import rondel.run.registration.MarkSearch;
import rondel.run.registration.PrintedMarks;
import rondel.run.registration.Registration;

/** Where the design lies on what is loaded, by a picture of the printed sheet. */
final class Registering {

    @Option(names = "--scan", paramLabel = "PICTURE")
    private Optional<Path> scan = Optional.empty();

    @Option(names = "--scan-ppi", paramLabel = "N")
    private Optional<Double> ppi = Optional.empty();

    /** Where each place of the design is to be cut: as it lies, without a picture. */
    UnaryOperator<Point> onPaper(Sheet sheet) {
        if (scan.isEmpty()) {
            return p -> p;
        }
        ScannedPicture picture = ScanFile.read(scan.get());
        Registration found = found(picture.image(), sheet);
        double perInch =
                ppi.orElseGet(() -> found.ppi(picture.ppi(), sheet.trim().centre()));
        return found.onPaper(perInch, sheet.height());
    }

    /** @throws rondel.words.Refusal if the sheet has no marks, or they are not found */
    static Registration found(BufferedImage image, Sheet sheet) {
        List<RegistrationMarks.Mark> marks = PrintedMarks.of(sheet);
        return MarkSearch.of(GreyPicture.of(image), marks);
    }
}
