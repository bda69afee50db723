package rondel.desktop.files;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks the person for files: by the system's dialogs, or by what a test says. */
public interface FileChoices {

    Optional<Path> jobToOpen();

    Optional<Path> jobToSave(String suggested);

    List<Path> artworkToPlace();

    /** Font files to have at hand from now on. */
    List<Path> fontsToAdd();

    /** A list of names. */
    Optional<Path> listToRead();

    Optional<Path> exportTarget(String suggested);
}
