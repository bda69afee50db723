package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class VersionsCommandTest extends CommandLineFixture {

    @Test
    void versionsAreKeptListedAndTaken() throws Exception {
        Path job = demo("tide-card.rondel");
        assertThat(rondel("versions", job).out()).contains("Nothing was kept");
        rondel("versions", job, "--beside", "--keep");
        byte[] first = Files.readAllBytes(job);
        apply(job, """
                [{"operation":"set-title","title":"Another"}]
                """);
        assertThat(rondel("versions", job, "--keep").out().lines()).hasSize(2);
        Path old = folder.resolve("old.rondel");
        assertThat(rondel("versions", job, "--take", 2, "-o", old).code()).isZero();
        assertThat(old).hasBinaryContent(first);
        assertThat(rondel("versions", job, "--take", 3, "-o", old).err()).contains("there are 2");
        assertThat(rondel("versions", job, "--json").out()).contains("\"bytes\"");
        assertThat(folder.resolve(".tide-card.rondel.versions")).isDirectory();
    }
}
