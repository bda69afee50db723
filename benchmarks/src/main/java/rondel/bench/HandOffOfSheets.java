package rondel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import rondel.desktop.files.DemoJobs;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.files.WholeFolder;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.handoff.HandOffRun;
import rondel.formats.handoff.PlannedFile;
import rondel.formats.picture.PictureLevels;
import rondel.job.HandOffOutput;
import rondel.job.HandOffOutput.What;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;

/** A set of 40 files of a job of 24 sheets at 300 ppi, against its files made one by one. */
final class HandOffOfSheets {

    private static final int SHEETS = 24;

    /** So many of them have lines to cut. */
    private static final int CUT = 7;

    private static final double AIM = 1.15;
    private static final int RUNS = 2;

    private static final HandOffSet SET = new HandOffSet(
            "forty",
            false,
            List.of(
                    HandOffOutput.of("{sheet}.png", What.PRINT),
                    HandOffOutput.of("{sheet}-cut.svg", What.LINES),
                    HandOffOutput.of("{sheet}-cut.dxf", What.LINES),
                    HandOffOutput.of("all.pdf", What.PRINT),
                    HandOffOutput.of("made-of.csv", What.LEDGER)));

    private HandOffOfSheets() {}

    static List<Bench.Row> rows() throws IOException {
        HandOffRun run =
                new HandOffRun(job(), SET, PictureLevels.usual(), new ShippedFonts().get(), ZonedDateTime.now());
        Path folder = Files.createTempDirectory("rondel-bench");
        try {
            int files = run.plan().size();
            double set = Double.POSITIVE_INFINITY;
            double single = Double.POSITIVE_INFINITY;
            for (int i = 0; i < RUNS; i++) {
                Path whole = folder.resolve("set-" + i);
                long start = System.nanoTime();
                run.make(whole, true);
                set = Math.min(set, (System.nanoTime() - start) / 1e6);
                start = System.nanoTime();
                for (PlannedFile f : run.plan()) {
                    AtomicFile.write(folder.resolve(f.name()), Replacing.ANYTHING, out -> f.content()
                            .write(out));
                }
                single = Math.min(single, (System.nanoTime() - start) / 1e6);
            }
            return List.of(new Bench.Row(
                    "a set of " + files + " files of " + SHEETS + " sheets / one by one, on "
                            + Runtime.getRuntime().availableProcessors() + " processors",
                    set,
                    single,
                    AIM));
        } finally {
            WholeFolder.delete(folder);
        }
    }

    private static Job job() {
        Job planner = demo("planner-stickers");
        Job stickers = demo("sticker-sheet");
        List<Sheet> sheets = new ArrayList<>();
        for (int i = 0; i < SHEETS; i++) {
            Sheet from = (i < CUT ? stickers : planner).sheets().getFirst();
            sheets.add(Sheet.of(new SheetId("sheet-" + (i + 1)), "Sheet " + (i + 1), from.width(), from.height())
                    .withElements(from.elements()));
        }
        return planner.withSheets(sheets).withMedia(stickers.media().values());
    }

    private static Job demo(String name) {
        return new DemoJobs.DemoJob(name).read();
    }
}
