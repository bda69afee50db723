package rondel.devices.camera;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import rondel.formats.picture.ScannedPicture;
import rondel.words.Refusal;
import rondel.words.Words;

/** A picture of a printed sheet, from a file. */
public final class ScanFile {

    private ScanFile() {}

    /** @throws Refusal if it is no picture that can be read */
    public static ScannedPicture read(Path file) {
        try {
            return ScannedPicture.of(
                    Files.readAllBytes(file), file.getFileName().toString());
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }
}
