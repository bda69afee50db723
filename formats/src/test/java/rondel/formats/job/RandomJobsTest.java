package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.formats.Fixtures;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.formats.svg.SvgReader;
import rondel.history.History;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Jobs that any sequence of operations leaves behind are kept and sent out whole. */
class RandomJobsTest {

    @TempDir
    private Path folder;

    private final ObjectMapper mapper = new ObjectMapper();
    private final OperationJson json = new OperationJson(MediaStore.inline());

    /** Applies examples of the catalogue in random order; those that can't be done just then are refused and skipped. */
    private History random(long seed, int steps) throws Exception {
        Random random = new Random(seed);
        List<OperationKind> kinds = OperationCatalogue.kinds();
        History history = WhatFollows.editing().begin(SampleJob.make());
        for (int i = 0; i < steps; i++) {
            Operation operation = kinds.get(random.nextInt(kinds.size())).example();
            JsonNode written = mapper.readTree(mapper.writeValueAsString(json.write(operation)));
            try {
                history = history.then(json.read(written));
            } catch (Refusal refused) {
                assertThat(refused.getMessage()).doesNotContain("\n").isNotBlank();
            }
        }
        return history;
    }

    @Test
    void theirFilesOpenAsTheyWere() throws Exception {
        for (long seed = 0; seed < 25; seed++) {
            Job job = random(seed, 30).job();
            Path file = folder.resolve(seed + ".rondel");
            JobFile.write(job, file, Fixtures.PICTURES);
            assertThat(JobFile.read(file)).as("seed " + seed).isEqualTo(job);
        }
    }

    @Test
    void undoneToTheStartTheyAreTheSampleAgain() throws Exception {
        for (long seed = 100; seed < 140; seed++) {
            History history = random(seed, 40);
            List<Job> states = new ArrayList<>();
            while (history.undo().isPresent()) {
                states.add(history.job());
                history = history.undo().orElseThrow();
            }
            assertThat(history.job()).as("seed " + seed).isEqualTo(SampleJob.make());
            for (Job state : states.reversed()) {
                history = history.redo().orElseThrow();
                assertThat(history.job()).isEqualTo(state);
            }
        }
    }

    @Test
    void everySheetOfTheirsGoesOutAsSvgAndPdfThatOthersRead() throws Exception {
        for (long seed = 200; seed < 215; seed++) {
            Job job = random(seed, 25).job();
            Page page = Page.ofSheet(job, job.sheets().getFirst().id());
            String svg = Fixtures.written(page);
            SvgReader.read(
                    new java.io.ByteArrayInputStream(svg.getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                    "page.svg",
                    Fixtures.FONTS);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            PdfWriter.write(page, Fixtures.PICTURES, out);
            try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
                assertThat(pdf.getPage(0).getTrimBox().getWidth()).isEqualTo((float) (page.width() / 25.4 * 72));
            }
        }
    }
}
