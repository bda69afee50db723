package rondel.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.ref.WeakReference;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.Fixtures;
import rondel.text.FontFace;
import rondel.text.Shaper;

class FacesAreFreedTest {

    /** Linux tells which files are mapped into a process. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void aFaceThatNothingUsesLetsGoOfItsFile(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("vibes.ttf");
        Files.write(file, Fixtures.resource("/rondel/demo/fonts/GreatVibes_400Regular.ttf"));
        FontFace face = FontFace.mapped(file.toString()).getFirst();
        assertThat(Shaper.shape(face, "Ebb", 0).glyphs()).hasSize(3);
        assertThat(isMapped(file)).isTrue();

        WeakReference<FontFace> gone = new WeakReference<>(face);
        face = null;
        for (int i = 0; i < 100 && isMapped(file); i++) {
            System.gc();
            Thread.sleep(20);
        }
        assertThat(gone.get()).isNull();
        assertThat(isMapped(file)).isFalse();
    }

    private static boolean isMapped(Path file) throws IOException {
        return Files.readString(Path.of("/proc/self/maps")).contains(file.toString());
    }
}
