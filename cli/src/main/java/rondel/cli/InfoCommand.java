package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobInfo;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.operation.Targets;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Says what is in a job. */
@Command(name = "info", mixinStandardHelpOptions = true)
final class InfoCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(paramLabel = "JOB")
    private Path file;

    @Option(names = "--json")
    private boolean json;

    InfoCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Job job = JobFile.read(file);
        if (json) {
            out.println(Json.text(JobInfo.of(job)));
            return 0;
        }
        out.println(job.title());
        for (Sheet s : job.sheets()) {
            out.println(s.name() + "  " + size(s.width(), s.height(), job.unit()));
            s.elements().forEach(e -> print(e, Affine.IDENTITY, "  ", job.unit(), s.parks(e)));
        }
        return 0;
    }

    private void print(Element e, Affine toSheet, String indent, LengthUnit unit, boolean parked) {
        Optional<Box> box = Extent.of(e, toSheet);
        out.println(indent + e.id() + "  " + Targets.display(e) + "  "
                + box.map(b -> size(b.width(), b.height(), unit)).orElse("")
                + state(e, parked));
        e.children().forEach(c -> print(c, toSheet.times(e.placement()), indent + "  ", unit, false));
    }

    /** What sets it apart: its role, and whether it is hidden, locked, pinned or parked. */
    private static String state(Element e, boolean parked) {
        StringBuilder state = new StringBuilder();
        if (e.role() != Role.PRINT) {
            state.append("  ").append(Words.of("role.within." + e.role()));
        }
        String[] words = {"hidden", "locked", "pinned", "parked"};
        boolean[] are = {e.hidden(), e.locked(), e.pinned(), parked};
        for (int i = 0; i < words.length; i++) {
            state.append(are[i] ? "  " + Words.of("info." + words[i]) : "");
        }
        return state.toString();
    }

    private static String size(double width, double height, LengthUnit unit) {
        return LengthFormat.number(width, unit) + " x " + LengthFormat.withUnit(height, unit);
    }
}
