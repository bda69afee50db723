package rondel.launcher;

import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import javafx.application.Application;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import rondel.cli.Overwriting;
import rondel.desktop.app.DesktopApp;
import rondel.desktop.app.HeadlessBench;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.look.Theme;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PixelSize;
import rondel.job.Job;
import rondel.words.Words;

/** The window on the demo jobs; with no display, their screens and hand-off files. */
@Command(name = "demo", mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {

    private static final Path FOLDER = Path.of("out", "demo");
    private static final double PPI = 300;

    private final PrintStream out;

    @Mixin
    private Overwriting overwriting;

    DemoCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws Exception {
        if (Display.isThere()) {
            Application.launch(DesktopApp.class, "--demo");
            return 0;
        }
        Files.createDirectories(FOLDER);
        Job job = DemoJobs.page();
        PictureLevels pictures = PictureLevels.usual();
        JobFile.write(job, FOLDER.resolve("tide-page.rondel"), over("tide-page.rondel"), pictures);
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        for (ExportFormat format : ExportFormat.values()) {
            String name = "tide-page." + format.extension();
            format.write(page, PixelSize.atPpi(page, PPI), pictures, FOLDER.resolve(name), over(name));
        }
        Display.useHeadlessToolkit();
        HeadlessBench.shots(FOLDER, Theme.LIGHT, file -> overwriting.check(file, List.of()));
        out.println(Words.of("shots.noDisplay", FOLDER));
        return 0;
    }

    private Replacing over(String name) {
        return overwriting.check(FOLDER.resolve(name), List.of());
    }
}
