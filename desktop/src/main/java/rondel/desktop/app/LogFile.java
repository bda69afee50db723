package rondel.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/** The file that warnings and the traces of failures are written to, by the JDK's logging; two of at most a megabyte are
 *  kept. */
final class LogFile {

    private static final int LARGEST = 1 << 20;
    private static final int KEPT = 2;

    private LogFile() {}

    /** Has what is logged from now on written to a file in a folder, and nowhere else.
     *
     * @return where it is; nothing where it can't be written, as the window is worth more than its log */
    static String open(Path folder) {
        Path file = folder.resolve("rondel.log");
        LogManager.getLogManager().reset();
        Logger root = Logger.getLogger("");
        try {
            Files.createDirectories(folder);
            FileHandler handler = new FileHandler(file.toString().replace("%", "%%"), LARGEST, KEPT, true);
            handler.setFormatter(new SimpleFormatter());
            handler.setLevel(Level.INFO);
            root.addHandler(handler);
            return file.toString();
        } catch (IOException e) {
            return "";
        }
    }
}
