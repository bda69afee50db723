package rondel.desktop.preferences;

import java.nio.file.Path;
import java.util.Optional;

/** Asks for a folder. */
@FunctionalInterface
public interface FolderChoice {

    Optional<Path> folder();
}
