package rondel.formats.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.words.Refusal;

/** What is there already is never lost by writing. */
class SafeWritingTest {

    @TempDir
    private Path folder;

    private static AtomicFile.Content text(String text) {
        return out -> out.write(text.getBytes());
    }

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private long parts() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(f -> f.toString().endsWith(".part")).count();
        }
    }

    @Test
    void aNewFileDoesNotTakeThePlaceOfAnother() throws Exception {
        Path file = file("a.svg", "mine");
        assertThatThrownBy(() -> AtomicFile.write(file, Replacing.NOTHING, text("other")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("--force");
        assertThat(file).hasContent("mine");
        AtomicFile.write(folder.resolve("b.svg"), Replacing.NOTHING, text("new"));
        assertThat(folder.resolve("b.svg")).hasContent("new");
        // Somebody writes it while the content is made.
        Path late = folder.resolve("c.svg");
        assertThatThrownBy(() -> AtomicFile.write(late, Replacing.NOTHING, out -> Files.writeString(late, "theirs")))
                .isInstanceOf(Refusal.class);
        assertThat(late).hasContent("theirs");
        assertThat(parts()).isZero();
    }

    @Test
    void whatCameThereSinceReadingStays() throws Exception {
        Path file = file("a.rondel", "read");
        Replacing only = new Replacing.OnlyWhatWasRead(FileStamp.of(file));
        AtomicFile.write(file, only, text("first"));
        assertThatThrownBy(() -> AtomicFile.write(file, only, text("second")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("both are kept");
        assertThat(file).hasContent("first");
    }

    @Test
    void aLinkIsWrittenThroughToItsFile() throws Exception {
        Path real = file("real.rondel", "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.rondel"), Path.of("real.rondel"));
        AtomicFile.write(link, text("new"));
        assertThat(link).isSymbolicLink();
        assertThat(real).hasContent("new");
        Path dangling = Files.createSymbolicLink(folder.resolve("dangling.rondel"), Path.of("later.rondel"));
        AtomicFile.write(dangling, text("made"));
        assertThat(dangling).isSymbolicLink();
        assertThat(folder.resolve("later.rondel")).hasContent("made");
    }

    @Test
    void permissionsAreKeptAndAFileMarkedReadOnlyIsNotReplaced() throws Exception {
        assumeTrue(Files.getFileStore(folder).supportsFileAttributeView("posix"));
        Path file = file("a.rondel", "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw----"));
        AtomicFile.write(file, text("new"));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-rw----");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> AtomicFile.write(file, text("newer"))).isInstanceOf(Refusal.class);
        assertThat(file).hasContent("new");
        Path usual = file("usual", "x");
        AtomicFile.write(folder.resolve("fresh"), text("x"));
        assertThat(Files.getPosixFilePermissions(folder.resolve("fresh")))
                .as("as the system gives new files")
                .isEqualTo(Files.getPosixFilePermissions(usual));
    }

    @Test
    void aFileThatIsHeldIsLeftAlone() throws Exception {
        Path file = file("a.rondel", "old");
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.lock();
            assertThatThrownBy(() -> AtomicFile.write(file, text("new")))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("held");
        }
        assertThat(file).hasContent("old");
        AtomicFile.write(file, text("new"));
        assertThat(file).hasContent("new");
    }

    @Test
    void whatAKilledProgramLeftBehindIsClearedAway() throws Exception {
        Path dead = file(".a.rondel.999999999-1.part", "half");
        Path fresh = file(".b.rondel.999999999-2.part", "half");
        Path living = file(".a.rondel." + ProcessHandle.current().pid() + "-7.part", "half");
        FileTime longAgo = FileTime.from(Instant.now().minusSeconds(3600));
        Files.setLastModifiedTime(dead, longAgo);
        Files.setLastModifiedTime(living, longAgo);
        AtomicFile.write(folder.resolve("a.rondel"), text("whole"));
        assertThat(dead).doesNotExist();
        assertThat(fresh).as("another machine may write it").exists();
        assertThat(living).exists();
    }
}
