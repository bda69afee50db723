package rondel.formats.files;

import java.nio.file.Path;
import java.util.Optional;

/** Where Rondel keeps what is its own: under {@code rondel.state} where it is set, else in the system's usual place. */
public final class OwnFolders {

    private OwnFolders() {}

    /** The journals of unsaved work. */
    public static Path journals() {
        return state().resolve("journals");
    }

    /** Older steps of jobs that are open. */
    public static Path history() {
        return state().resolve("history");
    }

    /** The font files that the person has added. */
    public static Path fonts() {
        return state().resolve("fonts");
    }

    /** The person's artwork. */
    public static Path shelf() {
        return state().resolve("shelf");
    }

    /** What went wrong, for whoever mends it. */
    public static Path logs() {
        return state().resolve("logs");
    }

    /** The list of jobs that were open last. */
    public static Path recentJobs() {
        return state().resolve("recent.json");
    }

    /** The person's stocks. */
    public static Path stocks() {
        return state().resolve("stocks.json");
    }

    /** What the person prefers. */
    public static Path preferences() {
        return state().resolve("preferences.json");
    }

    /** Where one was in jobs. */
    public static Path looks() {
        return state().resolve("looks.json");
    }

    /** Where the window was. */
    public static Path window() {
        return state().resolve("window.json");
    }

    /** Earlier versions of jobs. */
    public static Path versions() {
        return state().resolve("versions");
    }

    /** The person's threads. */
    public static Path threads() {
        return state().resolve("threads.json");
    }

    /** The person's materials. */
    public static Path materials() {
        return state().resolve("materials.json");
    }

    /** What the person measured of their printers. */
    public static Path printers() {
        return state().resolve("printers.json");
    }

    /** The tokens that shops know the person by. */
    public static Path shopTokens() {
        return state().resolve("shops");
    }

    /** What was published in the shop that comes along. */
    public static Path shop() {
        return state().resolve("stand-in-shop");
    }

    private static Path state() {
        return Optional.ofNullable(System.getProperty("rondel.state"))
                .map(Path::of)
                .or(() -> Optional.ofNullable(System.getenv("XDG_STATE_HOME")).map(s -> Path.of(s, "rondel")))
                .orElseGet(() -> Path.of(System.getProperty("user.home"), ".local", "state", "rondel"));
    }
}
