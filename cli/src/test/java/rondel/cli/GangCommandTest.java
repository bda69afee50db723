package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** From designs to sheets of stock and their files, from the command line. */
class GangCommandTest extends CommandLineFixture {

    private static JsonNode json(Run run) throws Exception {
        assertThat(run.code()).as(run.err()).isZero();
        return new ObjectMapper().readTree(run.out());
    }

    private Path job() throws Exception {
        Path job = folder.resolve("tags.rondel");
        rondel("new", "-o", job, "--sheet", "50x80mm", "--unit", "mm", "--title", "Tags");
        Path recipe = Files.writeString(folder.resolve("tag.json"), """
                [{"operation":"add-text","sheet":"sheet-1","x":25,"y":45,"lettering":{"content":"Heron Strand",
                  "font":{"family":"EB Garamond"},"size":7,"align":"middle"},"fill":"#1f6f6b"},
                 {"operation":"add-sheet","name":"Back","width":50,"height":80}]
                """);
        assertThat(rondel("apply", job, recipe).code()).isZero();
        return job;
    }

    @Test
    void sheetsAreLaidOutInRowsAndLeaveAsOnePdf() throws Exception {
        Path job = job();
        JsonNode said = json(rondel(
                "gang",
                job,
                "--from",
                "1",
                "--stock",
                "A4",
                "--margin",
                "5mm",
                "--gutter",
                "4mm",
                "--count",
                "20",
                "--marks",
                "trim,names",
                "--json"));
        assertThat(said.get("sheets").asInt()).isEqualTo(3);
        assertThat(said.get("copies").asInt()).isEqualTo(20);
        assertThat(said.at("/sheet_numbers/0").asInt()).isEqualTo(3);
        Path pdf = folder.resolve("tags.pdf");
        assertThat(rondel("export", job, "--sheet", "3,4,5", "-o", pdf).code()).isZero();
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
        }
    }

    @Test
    void aListOfNamesIsFilledInAndFoldedIntoTags() throws Exception {
        Path job = job();
        Path list = Files.writeString(
                folder.resolve("beaches.csv"), "Beach,Copies\nTern,2\nCurlew Flats beyond the old groyne,1\nخليج,1\n");
        JsonNode names = json(rondel("names", job, list, "--smallest", "3mm", "--json"));
        assertThat(names.at("/fitted/0/how").asText()).isIn("two-lines", "smaller");
        assertThat(names.at("/findings/0/row").asInt()).isEqualTo(3);
        JsonNode gang = json(rondel(
                "gang", job, "--list", "beaches", "--way", "fold-tag", "--back", "2", "--stock", "Letter", "--json"));
        assertThat(gang.get("copies").asInt()).isEqualTo(4);
        assertThat(rondel("names", job, list, "--smallest", "3mm").code()).isZero();
    }

    @Test
    void aNestIsTheSameBySeedAndRounds() throws Exception {
        Path job = job();
        Path other = folder.resolve("other.rondel");
        String[] lay = {"--of", "e1", "--count", "6", "--way", "nest", "--stock", "Letter", "--rounds", "1", "--json"};
        JsonNode first = json(gang(job, folder.resolve("first.rondel"), lay));
        JsonNode second = json(gang(job, other, lay));
        assertThat(first).isEqualTo(second);
        assertThat(first.get("copies").asInt()).isEqualTo(6);
        assertThat(rondel("info", other, "--json").out())
                .isEqualTo(
                        rondel("info", folder.resolve("first.rondel"), "--json").out());
    }

    private Run gang(Path job, Path out, String... lay) throws Exception {
        Object[] all = new Object[lay.length + 4];
        all[0] = "gang";
        all[1] = job;
        all[2] = "-o";
        all[3] = out;
        System.arraycopy(lay, 0, all, 4, lay.length);
        return rondel(all);
    }

    @Test
    void whatCantBeLaidOutIsOneSentenceAndTheJobIsAsItWas() throws Exception {
        Path job = job();
        byte[] before = Files.readAllBytes(job);
        for (String[] bad : new String[][] {
            {"--from", "1", "--stock", "40x40mm"},
            {"--from", "1", "--stock", "No such stock"},
            {"--of", "e99", "--stock", "A4"},
            {"--from", "1", "--stock", "A4", "--marks", "stars"},
            {"--list", "nobody", "--stock", "A4"},
            {"--stock", "A4"}
        }) {
            Object[] all = new Object[bad.length + 2];
            all[0] = "gang";
            all[1] = job;
            System.arraycopy(bad, 0, all, 2, bad.length);
            Run run = rondel(all);
            assertThat(run.code()).as("%s", (Object) bad).isEqualTo(1);
            assertThat(run.err().strip().lines()).hasSize(1);
        }
        assertThat(Files.readAllBytes(job)).isEqualTo(before);
    }
}
