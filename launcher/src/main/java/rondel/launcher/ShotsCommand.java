package rondel.launcher;

import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.cli.Overwriting;
import rondel.desktop.app.HeadlessBench;
import rondel.desktop.look.Theme;

/** Pictures of the main views. */
@Command(name = "shots", mixinStandardHelpOptions = true)
final class ShotsCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(paramLabel = "DIR")
    private Path folder;

    @Option(names = "--theme", paramLabel = "THEME", defaultValue = "light")
    private String theme;

    @Mixin
    private Overwriting overwriting;

    ShotsCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws Exception {
        Files.createDirectories(folder);
        Display.useHeadlessToolkit();
        HeadlessBench.shots(folder, Theme.named(theme), file -> overwriting.check(file, List.of()))
                .forEach(out::println);
        return 0;
    }
}
