package rondel.bench;

import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.Exporting;
import rondel.formats.files.Replacing;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobInfo;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;
import rondel.lines.check.Checked;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Checks;

/** The steps of one command and nothing else, in a process of its own; says how long each took. */
final class LargeJobSteps {

    private LargeJobSteps() {}

    public static void main(String[] args) {
        long start = System.currentTimeMillis()
                - ManagementFactory.getRuntimeMXBean().getStartTime();
        System.out.println("start " + start);
        long before = System.nanoTime();
        Job job = JobFile.read(Path.of(args[1]));
        before = said("read", before);
        switch (args[0]) {
            case "info" -> {
                String text = JobInfo.of(job).toString();
                before = said("work", before);
                System.err.print(text);
            }
            case "check" -> {
                var found = Checks.of(new Checked(job, FontsAtHand.usual().get(), Limits.USUAL));
                before = said("work", before);
                found.forEach(f -> System.err.println(f.sentence()));
            }
            default -> {
                Path target = Path.of(args[2], "peer." + args[0]);
                ExportRequest request = ExportRequest.of(
                        ExportFormat.of(target), job.sheets().getFirst().id());
                List<Exporting.Output> outputs = Exporting.outputs(job, request, target);
                before = said("work", before);
                Exporting.write(outputs, request, PictureLevels.usual(), f -> Replacing.ANYTHING);
            }
        }
        said("write", before);
    }

    private static long said(String step, long before) {
        long now = System.nanoTime();
        System.out.println(String.format(Locale.ROOT, "%s %.1f", step, (now - before) / 1e6));
        return now;
    }
}
