package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import rondel.formats.job.JobFile;
import rondel.words.Words;

/** The command line in German: words, forms by number, the comma in and out, while what programs read stays as it is. Runs in a process of its own. */
@Tag("german")
class GermanCommandLineTest extends CommandLineFixture {

    @Test
    void helpAndRefusalsAreGerman() {
        assertThat(Words.language()).isEqualTo(Locale.GERMAN);
        assertThat(rondel("--help").out())
                .startsWith("Aufruf:")
                .contains("Befehle:", "Legt einen Auftrag mit einem leeren Bogen");
        assertThat(rondel("new", "-o", folder.resolve("a.rondel")).err()).startsWith("Es fehlt: --sheet");
        assertThat(rondel("info", page(), "--colour").err()).contains("Hier gibt es keine Option --colour.");
        assertThat(rondel("info", folder.resolve("nothing.rondel")).err()).contains("ist nicht da; den Namen prüfen.");
    }

    @Test
    void theCommaComesInAndGoesOut() throws Exception {
        Path job = folder.resolve("karte.rondel");
        assertThat(rondel("new", "-o", job, "--sheet", "101,6x152,4mm", "--unit", "mm")
                        .code())
                .isZero();
        assertThat(JobFile.read(job).sheets().getFirst().width()).isEqualTo(101.6);
        Path star = file("star.svg", STAR);
        assertThat(rondel("place", job, star, "--at", "10,5mm;7,25mm", "--width", "20,5 mm")
                        .code())
                .isZero();
        assertThat(rondel("info", job).out()).contains("20,50 x 10,25 mm");
        assertThat(rondel("info", job, "--json").out()).contains("20.5");
        assertThat(rondel("stocks").out()).contains("215,90 x   279,40 mm, nutzbar");
    }

    @Test
    void formsGoByTheirNumber() {
        assertThat(Words.of("handoff.pages", 1)).isEqualTo("eine Seite");
        assertThat(Words.of("handoff.pages", 3)).isEqualTo("3 Seiten");
        assertThat(Words.of("window.title", 2.5)).isEqualTo("2,5 – Rondel");
    }

    @Test
    void aFileChangedByCommandKeepsWhatItWas() throws Exception {
        Path job = page();
        byte[] before = Files.readAllBytes(job);
        apply(job, "[{\"operation\":\"set-title\",\"title\":\"Ebbe\"}]");
        Path old = folder.resolve("alt.rondel");
        assertThat(rondel("versions", job).out().lines()).hasSize(2);
        assertThat(rondel("versions", job, "--take", 2, "-o", old).code()).isZero();
        assertThat(old).hasBinaryContent(before);
    }
}
