package rondel.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.Fixtures;
import rondel.text.FontFace;
import rondel.words.Refusal;

/** Fonts that a person brings along are tried where they can do no harm. */
class FontTrialsTest {

    @TempDir
    private Path folder;

    /** Dies of a font as native code does: without a word. Counts the fonts that it was asked about in a file. */
    static final class Dying {

        private Dying() {}

        public static void main(String[] args) throws Exception {
            BufferedReader in = new BufferedReader(new InputStreamReader(System.in));
            for (String file = in.readLine(); file != null; file = in.readLine()) {
                Files.writeString(
                        Path.of(args[0]),
                        file + "\n",
                        java.nio.file.StandardOpenOption.CREATE,
                        java.nio.file.StandardOpenOption.APPEND);
                if (file.contains("deadly")) {
                    Runtime.getRuntime().halt(134);
                }
                System.out.println(FontTrialProcess.DONE);
            }
        }
    }

    private FontTrials dying() {
        return new FontTrials(
                folder.resolve("trials.json"),
                List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Dying.class.getName(),
                        folder.resolve("asked").toString()));
    }

    private Path font(String name) throws Exception {
        return Files.write(folder.resolve(name), Fixtures.resource("/rondel/demo/fonts/Playball_400Regular.ttf"));
    }

    private List<String> asked() throws Exception {
        return Files.readAllLines(folder.resolve("asked"));
    }

    @Test
    void whatEndsTheProgramThatTriesItIsLeftOutAndTheOthersAreNot() throws Exception {
        List<Path> all =
                List.of(font("a.ttf"), font("deadly.ttf"), font("c.ttf"), font("deadly too.ttf"), font("e.ttf"));
        assertThat(dying().sound(all)).containsExactly(all.get(0), all.get(2), all.get(4));
        assertThat(asked()).hasSize(5);
    }

    @Test
    void whatWasTriedIsTriedAgainOnlyOnceTheFileIsAnother() throws Exception {
        List<Path> all = List.of(font("a.ttf"), font("deadly.ttf"));
        dying().sound(all);
        assertThat(dying().sound(all)).containsExactly(all.get(0));
        assertThat(asked()).hasSize(2);
        Files.write(all.get(1), Fixtures.resource("/rondel/demo/fonts/Caveat_400Regular.ttf"));
        assertThat(dying().sound(all)).containsExactly(all.get(0));
        assertThat(asked()).hasSize(3);
    }

    @Test
    void aFontThatWouldDoHarmIsNotKept() throws Exception {
        Path own = folder.resolve("own");
        FontsAtHand fonts = new FontsAtHand(own, List::of, dying());
        Path deadly = font("deadly.ttf");
        assertThatThrownBy(() -> fonts.add(deadly)).isInstanceOf(Refusal.class).hasMessageContaining("deadly.ttf");
        assertThat(own).doesNotExist();
    }

    @Test
    void aSoundFontIsTriedInARealProgramAndUsed() throws Exception {
        FontTrials real = FontTrials.usual(folder.resolve("real.json"));
        Path torn = Files.writeString(folder.resolve("torn.ttf"), "torn");
        Path sound = font("sound.ttf");
        assertThat(real.sound(List.of(torn, sound)))
                .as("what is no font harms nobody, and is refused where it is read")
                .containsExactly(torn, sound);
        FontsAtHand fonts = new FontsAtHand(folder.resolve("own"), List::of, real);
        fonts.add(sound);
        assertThat(fonts.get().faces()).extracting(FontFace::family).contains("Playball");
    }
}
