package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import rondel.devices.shop.standin.ShopFaults;
import rondel.devices.shop.standin.StandInShop;

/** Files for other trades, and the ledger, by command. */
class HandOffCommandsTest extends CommandLineFixture {

    private Path cutFile() throws Exception {
        Path job = page();
        String id = placed(job, file("star.svg", STAR));
        apply(job, "[{\"operation\":\"set-role\",\"elements\":[\"" + id + "\"],\"role\":\"cut\"}]");
        return job;
    }

    @Test
    void cutLinesLeaveAsDxfAndComeBackAtTheirSize() throws Exception {
        Path job = cutFile();
        Path dxf = folder.resolve("star.dxf");
        assertThat(rondel("export", job, "-o", dxf).code()).isZero();
        assertThat(dxf).content(StandardCharsets.US_ASCII).contains("AC1015", "LWPOLYLINE", "CUT");
        Path old = folder.resolve("old.dxf");
        assertThat(rondel("export", job, "-o", old, "--dxf-version", "r12").code())
                .isZero();
        assertThat(old)
                .content(StandardCharsets.US_ASCII)
                .contains("AC1009", "VERTEX")
                .doesNotContain("LWPOLYLINE");

        Path back = folder.resolve("back.rondel");
        assertThat(rondel("new", "-o", back, "--sheet", "12x12in").code()).isZero();
        placed(back, dxf);
        JsonNode element = info(back).at("/sheets/0/elements/0");
        assertThat(element.at("/role").asText()).isEqualTo("cut");
        assertThat(element.toString()).contains("50");
    }

    @Test
    void aPrintShopGetsPdfX4WithTheInkThatItAskedFor() throws Exception {
        Path job = cutFile();
        Path pdf = folder.resolve("star.pdf");
        assertThat(rondel("export", job, "-o", pdf, "--print-ready", "--ink", "cut=Knife")
                        .code())
                .isZero();
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(new String(document.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8))
                    .contains("PDF/X-4");
            assertThat(document.getDocumentCatalog().getOCProperties().getGroupNames())
                    .containsExactly("Cut");
        }
        assertThat(new String(Files.readAllBytes(pdf), StandardCharsets.ISO_8859_1))
                .contains("%PDF-1.6");
        assertThat(rondel("export", job, "-o", folder.resolve("x.svg"), "--print-ready")
                        .err())
                .contains("let the file end in .pdf");
    }

    @Test
    void theLedgerTellsWhatIsInAJobFromWhom() throws Exception {
        Path job = cutFile();
        String id = info(job).at("/sheets/0/elements/0/id").asText();
        apply(
                job,
                "[{\"operation\":\"set-provenance\",\"elements\":[\"" + id
                        + "\"],\"provenance\":{\"source\":\"=SUM(A1)\",\"author\":\"Tern\",\"licence\":\"personal-use\"}}]");
        Run csv = rondel("ledger", job, "--csv");
        assertThat(csv.out()).contains("'=SUM(A1)", "Tern", "Personal use only");
        assertThat(csv.err()).contains("Not to be sold");
        JsonNode json =
                new ObjectMapper().readTree(rondel("ledger", job, "--json").out());
        assertThat(json.at("/0/for_sale").asBoolean()).isFalse();
        assertThat(json.at("/0/licence").asText()).isEqualTo("personal-use");
    }

    @Test
    void aSetIsMadeWholeAndAgainOnlyWhereSomethingChanged() throws Exception {
        Path job = cutFile();
        apply(
                job,
                "[{\"operation\":\"keep-hand-off-set\",\"set\":{\"name\":\"Market\",\"outputs\":["
                        + "{\"pattern\":\"{title}-{sheet}.svg\",\"what\":\"lines\"},"
                        + "{\"pattern\":\"{title}.pdf\",\"what\":\"print-ready\"},"
                        + "{\"pattern\":\"{title}-proof.pdf\",\"what\":\"proof\"},"
                        + "{\"pattern\":\"{title}-{n}.png\",\"what\":\"all\",\"each\":\"element\",\"width\":300},"
                        + "{\"pattern\":\"{title}-contents.csv\",\"what\":\"ledger\"}]}}]");
        assertThat(rondel("hand-off", job).out()).contains("Market", "Shop listing", "(for sale)");
        Path out = folder.resolve("market");
        JsonNode first = new ObjectMapper()
                .readTree(rondel("hand-off", job, "--set", "market", "-o", out, "--json")
                        .out());
        assertThat(first.get("files")).hasSize(5);
        assertThat(first.get("written")).hasSize(5);
        JsonNode again = new ObjectMapper()
                .readTree(rondel("hand-off", job, "--set", "market", "-o", out, "--json")
                        .out());
        assertThat(again.has("written")).isFalse();

        String id = info(job).at("/sheets/0/elements/0/id").asText();
        apply(
                job,
                "[{\"operation\":\"set-provenance\",\"elements\":[\"" + id
                        + "\"],\"provenance\":{\"source\":\"A blog\",\"author\":\"Tern\",\"licence\":\"personal-use\"}}]");
        JsonNode third = new ObjectMapper()
                .readTree(rondel("hand-off", job, "--set", "market", "-o", out, "--json")
                        .out());
        assertThat(third.get("written").toString()).contains("contents.csv").doesNotContain(".svg");

        Run stopped = rondel("hand-off", job, "--set", "Shop listing", "-o", folder.resolve("shop.zip"));
        assertThat(stopped.code()).isEqualTo(1);
        assertThat(stopped.err()).contains("meant for sale");
        assertThat(folder.resolve("shop.zip")).doesNotExist();
        assertThat(rondel("hand-off", job, "--set", "Shop listing", "-o", folder.resolve("shop.zip"), "--may-be-sold")
                        .code())
                .isZero();
        try (java.util.zip.ZipFile zip =
                new java.util.zip.ZipFile(folder.resolve("shop.zip").toFile())) {
            assertThat(zip.stream().map(java.util.zip.ZipEntry::getName))
                    .anyMatch(n -> n.endsWith("-picture.jpg"))
                    .anyMatch(n -> n.endsWith(".csv"));
        }
    }

    @Test
    void aListingIsPublishedOnceHoweverOftenItIsSent() throws Exception {
        Path job = cutFile();
        Path there = folder.resolve("there");
        try (StandInShop shop = new StandInShop(
                InetAddress.getLoopbackAddress(), 0, "sea-holly", Optional.of(there), ShopFaults.NONE)) {
            String address = "http://localhost:" + shop.port();
            assertThat(rondel("publish", job, "--to", address).err()).contains("--token");
            Run first =
                    rondel("publish", job, "--to", address, "--token", "sea-holly", "--price", "4.50", "--may-be-sold");
            assertThat(first.code()).as(first.err()).isZero();
            assertThat(first.out() + first.err()).contains("listing-1").doesNotContain("sea-holly");
            assertThat(rondel("publish", job, "--to", address, "--may-be-sold").code())
                    .isZero();
            assertThat(shop.state()).hasSize(1);
            assertThat(shop.state().get(0).path("price").asText()).isEqualTo("4.50");
            assertThat(there.resolve("listing-1"))
                    .isDirectoryContaining(f -> f.toString().endsWith(".csv"));
        }
        assertThat(rondel("publish", job, "--to", "sea", "--token", "x").err()).contains("no address of a shop");
    }
}
