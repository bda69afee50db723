package rondel.launcher;

import java.util.Map;
import java.util.logging.LogManager;
import javafx.application.Application;
import picocli.CommandLine;
import rondel.cli.RondelCommand;
import rondel.desktop.app.DesktopApp;

/** Where the application starts: a window without arguments, with {@code demo} or with a job file; else a command. */
public final class Main {

    private Main() {}

    public static void main(String[] all) {
        String[] args = ProcessLanguage.settle(all);
        // Java 2D only paints into memory here; a window is JavaFX's.
        System.setProperty("java.awt.headless", "true");
        // Commands say what went wrong themselves; the window keeps a log file.
        LogManager.getLogManager().reset();
        boolean window = args.length == 0 || args.length == 1 && args[0].endsWith(".rondel");
        if (window) {
            if (Display.isThere()) {
                Application.launch(DesktopApp.class, args);
                return;
            }
            System.err.println(rondel.words.Words.of("launcher.noDisplay"));
            System.exit(1);
        }
        System.exit(RondelCommand.run(args, System.out, System.err, windowed()));
    }

    /** The commands that need a window, or make pictures of one. */
    static Map<String, Object> windowed() {
        return Map.of("demo", demo(), "shots", new ShotsCommand(System.out));
    }

    /** The demo, and what it runs. */
    private static CommandLine demo() {
        return new CommandLine(new DemoCommand(System.out))
                .addSubcommand(new DemoFilesCommand(System.out))
                .addSubcommand(new DemoRunCommand(System.out))
                .addSubcommand(new DemoHandOffCommand(System.out));
    }
}
