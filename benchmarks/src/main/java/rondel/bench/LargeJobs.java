package rondel.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.compose.arrange.Duplicate;
import rondel.compose.shape.AddShape;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.geometry.shape.StarShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.units.LengthUnit;

/** Commands on a job of 2,000 elements, each a process of its own, against a process that does the same steps and nothing else. The
 *  steps of that one are rows of their own: start, read, work, write. */
final class LargeJobs {

    private static final int RUNS = 5;
    private static final int COLUMNS = 40;
    private static final int ROWS = 50;
    private static final double PITCH = 9;
    private static final double MOST = 1.5;

    private LargeJobs() {}

    static List<Bench.Row> rows() throws Exception {
        Path folder = Files.createTempDirectory("rondel-large");
        Path job = folder.resolve("large.rondel");
        JobFile.write(made(), job, PictureLevels.usual());
        List<Bench.Row> rows = new ArrayList<>();
        Map<String, List<String>> commands = Map.of(
                "info", List.of("info", job.toString()),
                "check", List.of("check", job.toString()),
                "svg",
                        List.of(
                                "export",
                                job.toString(),
                                "--force",
                                "-o",
                                folder.resolve("l.svg").toString()),
                "pdf",
                        List.of(
                                "export",
                                job.toString(),
                                "--force",
                                "-o",
                                folder.resolve("l.pdf").toString()));
        for (String name : List.of("info", "check", "svg", "pdf")) {
            double ours = Double.POSITIVE_INFINITY;
            double peer = Double.POSITIVE_INFINITY;
            List<String> best = List.of();
            for (int i = 0; i < RUNS; i++) {
                ours = Math.min(
                        ours,
                        Launch.whole("rondel.launcher.Main", commands.get(name)).ms());
                Launch.Whole bare =
                        Launch.whole("rondel.bench.LargeJobSteps", List.of(name, job.toString(), folder.toString()));
                if (bare.ms() < peer) {
                    peer = bare.ms();
                    best = bare.lines();
                }
            }
            rows.add(new Bench.Row("2,000 elements, " + name + ", against its steps alone", ours, peer, MOST));
            for (String step : best) {
                String[] said = step.split(" ");
                rows.add(new Bench.Row("  of that: " + said[0], Double.parseDouble(said[1]), peer, 1));
            }
        }
        return rows;
    }

    private static Job made() {
        Job blank = Job.blank("Large", LengthUnit.MM, 500, 500);
        SheetId sheet = blank.sheets().getFirst().id();
        Job one = new AddShape(
                        sheet,
                        new StarShape(6, 6, 5, 0.5),
                        5,
                        5,
                        "Star",
                        Paint.solid(Rgba.WHITE),
                        Optional.of(Stroke.plain(Rgba.BLACK, 0.2)),
                        Role.CUT)
                .apply(blank);
        Job row = new Duplicate(ids(one), PITCH, 0, COLUMNS - 1).apply(one);
        return new Duplicate(ids(row), 0, PITCH, ROWS - 1).apply(row);
    }

    private static List<ElementId> ids(Job job) {
        return job.everything().map(Element::id).toList();
    }
}
