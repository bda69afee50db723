package rondel.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import rondel.formats.job.JobFile;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/** The jobs that ship as a demonstration. */
public final class DemoJobs {

    private static final String PAGE = "/rondel/demo/jobs/tide-page.rondel";

    private DemoJobs() {}

    /** Saltmarsh Studio's 12 x 12 in page. */
    public static Job page() {
        try (InputStream in = DemoJobs.class.getResourceAsStream(PAGE)) {
            Path file = Files.createTempFile("rondel-demo", ".rondel");
            try {
                Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
                return JobFile.read(file);
            } finally {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", PAGE, e.getMessage()), e);
        }
    }
}
