package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.devices.camera.ScanFile;
import rondel.formats.job.JobFile;
import rondel.formats.picture.ScannedPicture;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.run.registration.Registration;

/** Where the marks of a printed sheet are on a picture of it. */
@Command(
        name = "register",
        mixinStandardHelpOptions = true,
        description =
                "Finds the registration marks of a printed sheet on a scan or a photo, and the map from design to picture.")
final class RegisterCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(index = "0", paramLabel = "JOB", description = "the job file")
    private Path file;

    @Option(names = "--sheet", paramLabel = "N", required = true, description = "the sheet's number, from 1")
    private String sheet;

    @Option(names = "--scan", paramLabel = "PICTURE", required = true, description = "PNG or JPEG of the printed sheet")
    private Path scan;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    RegisterCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Job job = JobFile.read(file);
        Sheet of = job.sheet(JobChange.sheet(job, sheet));
        ScannedPicture picture = ScanFile.read(scan);
        Registration found = Registering.found(picture.image(), of);
        Point middle = of.trim().centre();
        double ppi = found.ppi(picture.ppi(), middle);
        if (json) {
            ObjectNode node = JsonNodeFactory.instance
                    .objectNode()
                    .put("residual_mm", found.residual())
                    .put("ppi", ppi);
            found.marks().forEach(m -> node.withArray("marks_px")
                    .addObject()
                    .put("x", m.x())
                    .put("y", m.y()));
            var map = found.map();
            for (double v : new double[] {map.a(), map.b(), map.c(), map.d(), map.e(), map.f(), map.g(), map.h(), 1}) {
                node.withArray("mm_to_px").add(v);
            }
            out.println(Json.text(node));
        } else {
            out.printf(Locale.ROOT, "Four marks found; they lie as they should to %.3f mm.%n", found.residual());
            found.marks().forEach(m -> out.printf(Locale.ROOT, "  %.2f, %.2f px%n", m.x(), m.y()));
        }
        return 0;
    }
}
