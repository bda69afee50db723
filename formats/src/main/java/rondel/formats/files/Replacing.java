package rondel.formats.files;

import java.util.Optional;

/** What a file that is written may take the place of. */
public sealed interface Replacing {

    /** Whatever is there: the person has said so, or it is the program's own. */
    record Anything() implements Replacing {}

    /** Nothing: the file must be new. */
    record Nothing() implements Replacing {}

    /** What was read, and nothing that came there since.
     *
     * @param stamp of what was read; nothing where there was no file */
    record OnlyWhatWasRead(Optional<FileStamp> stamp) implements Replacing {}

    Replacing ANYTHING = new Anything();
    Replacing NOTHING = new Nothing();
}
