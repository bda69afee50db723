package rondel.devices.shop;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;
import java.util.Properties;
import rondel.formats.files.AtomicFile;
import rondel.words.Refusal;
import rondel.words.Words;

/** The tokens that shops know the person by, in a file that only the person can read; never in a job, a log or a command's output. */
public final class ShopTokens {

    private final Path file;

    /** @param file that they are kept in; it need not be there yet */
    public ShopTokens(Path file) {
        this.file = file;
    }

    /** @param shop its address */
    public Optional<String> of(String shop) {
        return Optional.ofNullable(read().getProperty(shop));
    }

    public void keep(String shop, String token) {
        Properties all = read();
        all.setProperty(shop, token);
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (!Files.exists(file)) {
                Files.createFile(file);
            }
            onlyMine(file);
            AtomicFile.write(file, out -> all.store(out, null));
            onlyMine(file);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", file, e.getMessage()), e);
        }
    }

    private static void onlyMine(Path path) throws IOException {
        if (path.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString("rw-------"));
        }
    }

    private Properties read() {
        Properties all = new Properties();
        if (Files.isRegularFile(file)) {
            try (var in = Files.newBufferedReader(file, StandardCharsets.ISO_8859_1)) {
                all.load(in);
            } catch (IOException | IllegalArgumentException e) {
                throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
            }
        }
        return all;
    }
}
