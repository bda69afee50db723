package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

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
}
