package rondel.formats.versions;

import java.nio.file.Path;
import java.time.Instant;

/** A job as it was saved once.
 *
 * @param file where it is kept
 * @param bytes how large it is */
public record Version(Path file, Instant saved, long bytes) {}
