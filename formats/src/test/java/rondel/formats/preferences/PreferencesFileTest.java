package rondel.formats.preferences;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PreferencesFileTest {

    @TempDir
    Path folder;

    @Test
    void whatIsChosenIsReadAgainAndWhatIsNotKnownStays() throws Exception {
        Path file = folder.resolve("preferences.json");
        assertThat(new PreferencesFile(file).read().preferences()).isEqualTo(Preferences.USUAL);
        Files.writeString(file, "{\"theme\":\"system\",\"laterThing\":{\"a\":1}}");
        new PreferencesFile(file).change(p -> p.withTheme("dark"));
        assertThat(new PreferencesFile(file).read().preferences().theme()).isEqualTo("dark");
        assertThat(file).content().contains("laterThing", "\"a\" : 1");
    }

    @Test
    void aBrokenFileIsPutAsideAndSaid() throws Exception {
        Path file = folder.resolve("preferences.json");
        Files.writeString(file, "{\"theme\":");
        PreferencesFile.Read read = new PreferencesFile(file).read();
        assertThat(read.preferences()).isEqualTo(Preferences.USUAL);
        assertThat(read.notice().orElseThrow()).contains("preferences.json.broken");
        assertThat(folder.resolve("preferences.json.broken")).hasContent("{\"theme\":");
        assertThat(file).doesNotExist();
    }
}
