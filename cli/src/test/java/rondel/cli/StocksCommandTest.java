package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Stocks from the command line. */
class StocksCommandTest extends CommandLineFixture {

    @Test
    void aStockIsAddedListedAndTakenOff() throws Exception {
        Path list = folder.resolve("stocks.json");
        Run added = rondel(
                "stocks",
                "--list",
                list,
                "--add",
                "Kraft card",
                "--size",
                "12x12in",
                "--cutter-margin",
                "6mm,3mm,12mm,3mm",
                "--grain",
                "down",
                "--price",
                "0.75",
                "--json");
        assertThat(added.code()).isZero();
        JsonNode last = null;
        for (JsonNode stock : new ObjectMapper().readTree(added.out())) {
            last = stock;
        }
        assertThat(last.get("name").asText()).isEqualTo("Kraft card");
        assertThat(last.get("width").asDouble()).isEqualTo(304.8);
        assertThat(last.at("/cutter/bottom").asDouble()).isEqualTo(12);
        assertThat(rondel("stocks", "--list", list).out())
                .contains("Letter", "Roll 12 in")
                .containsPattern("Kraft card\\s+304.80 x\\s+304.80 mm, usable\\s+298.80 x\\s+286.80 mm");
        assertThat(rondel("stocks", "--list", list, "--remove", "kraft card").out())
                .doesNotContain("Kraft");
    }

    @Test
    void whatCantBeIsOneSentence() {
        Path list = folder.resolve("stocks.json");
        for (String[] bad : new String[][] {
            {"--add", "Thin", "--size", "20x20mm", "--cutter-margin", "10mm"},
            {"--add", "A4", "--size", "20x20mm"},
            {"--add", "Nameless"},
            {"--remove", "Letter"},
            {"--add", "Odd", "--size", "20x20mm", "--printer-margin", "1,2"},
        }) {
            Object[] words = new Object[bad.length + 3];
            words[0] = "stocks";
            words[1] = "--list";
            words[2] = list;
            System.arraycopy(bad, 0, words, 3, bad.length);
            Run run = rondel(words);
            assertThat(run.code()).as(String.join(" ", bad)).isEqualTo(1);
            assertThat(run.err().strip()).isNotBlank().doesNotContain("\n");
        }
        assertThat(list).doesNotExist();
    }
}
