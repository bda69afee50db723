package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
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
import rondel.words.Decimals;
import rondel.words.Words;

/** Where the marks of a printed sheet are on a picture of it. */
@Command(name = "register", mixinStandardHelpOptions = true)
final class RegisterCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "--sheet", paramLabel = "N", required = true)
    private String sheet;

    @Option(names = "--scan", paramLabel = "PICTURE", required = true)
    private Path scan;

    @Option(names = "--json")
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
            out.println(Words.of("cli.register.told", Decimals.of(found.residual(), 3)));
            found.marks()
                    .forEach(m ->
                            out.println(Words.of("cli.register.mark", Decimals.of(m.x(), 2), Decimals.of(m.y(), 2))));
        }
        return 0;
    }
}
