package rondel.formats.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.words.Refusal;

class AtomicFileTest {

    @TempDir
    private Path folder;

    private Path target;

    @BeforeEach
    void anOlderFile() throws Exception {
        target = Files.writeString(folder.resolve("page.txt"), "old");
    }

    @AfterEach
    void nothingIsLeftBeside() throws Exception {
        assertThat(Thread.interrupted()).isFalse();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).containsExactly(target);
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aWholeFileTakesTheOldOnesPlace() throws Exception {
        AtomicFile.write(target, out -> out.write(bytes("new")));
        assertThat(target).hasContent("new");
    }

    @Test
    void aFullDiskIsSaidAndTheOldFileStays() {
        assertThatThrownBy(() -> AtomicFile.write(target, out -> {
                    out.write(bytes("half of it"));
                    throw new IOException("No space left on device");
                }))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("disk is full")
                .hasMessageContaining("page.txt");
        assertThat(target).hasContent("old");
    }

    @Test
    void workThatIsCalledOffWhileItWritesLeavesTheOldFile() {
        assertThatThrownBy(() -> AtomicFile.write(target, out -> {
                    Thread.currentThread().interrupt();
                    out.write(new byte[1 << 20]);
                }))
                .isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isTrue();
        assertThat(target).hasContent("old");
    }

    @Test
    void workThatIsCalledOffJustBeforeTheEndLeavesTheOldFileToo() {
        assertThatThrownBy(() -> AtomicFile.write(target, out -> {
                    out.write(bytes("new"));
                    out.flush();
                    throw new CancellationException();
                }))
                .isInstanceOf(CancellationException.class);
        assertThat(target).hasContent("old");
    }

    @Test
    void aFolderThatIsNotThereIsSaid() {
        assertThatThrownBy(() -> AtomicFile.write(folder.resolve("none/page.txt"), out -> out.write(1)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("folder");
        assertThat(target).hasContent("old");
    }

    @Test
    void namesComeApart() {
        assertThat(FileName.stem("art/octopus.svg")).isEqualTo("octopus");
        assertThat(FileName.stem("C:\\art\\tide.table.PNG")).isEqualTo("tide.table");
        assertThat(FileName.stem(".hidden")).isEqualTo(".hidden");
        assertThat(FileName.extension("C:\\art\\tide.table.PNG")).isEqualTo("png");
        assertThat(FileName.extension("octopus")).isEmpty();
        assertThat(FileName.extension(".hidden")).isEmpty();
    }
}
