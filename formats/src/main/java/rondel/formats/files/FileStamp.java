package rondel.formats.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/** What tells whether a file is still the one that was read: its size, when it was written, and which file on the disk it is.
 *
 * @param key of the file on its disk; empty where the system has none */
public record FileStamp(long size, FileTime written, Optional<String> key) {

    /** @return nothing where there is no such file */
    public static Optional<FileStamp> of(Path file) throws IOException {
        try {
            BasicFileAttributes a = Files.readAttributes(file, BasicFileAttributes.class);
            return Optional.of(new FileStamp(
                    a.size(),
                    a.lastModifiedTime(),
                    Optional.ofNullable(a.fileKey()).map(Object::toString)));
        } catch (NoSuchFileException e) {
            return Optional.empty();
        }
    }
}
