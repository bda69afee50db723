package rondel.desktop.app;

import java.nio.file.Path;
import java.util.Optional;

/** Where Rondel keeps what is its own. */
public final class Folders {

    private Folders() {}

    /** The journals of unsaved work: {@code rondel.state} where it is set, else the system's usual place. */
    public static Path journals() {
        return Optional.ofNullable(System.getProperty("rondel.state"))
                .map(Path::of)
                .or(() -> Optional.ofNullable(System.getenv("XDG_STATE_HOME")).map(s -> Path.of(s, "rondel")))
                .orElseGet(() -> Path.of(System.getProperty("user.home"), ".local", "state", "rondel"))
                .resolve("journals");
    }
}
