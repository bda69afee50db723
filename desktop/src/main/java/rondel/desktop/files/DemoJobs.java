package rondel.desktop.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import rondel.formats.job.JobFile;
import rondel.formats.job.RecentJobs;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/** The jobs of Saltmarsh Studio that ship as a demonstration. */
public final class DemoJobs {

    /** One of them.
     *
     * @param name of its file, without the ending */
    public record DemoJob(String name) {

        /** The picture that the file carries of itself, as PNG. */
        public Optional<byte[]> preview() {
            InputStream in = DemoJobs.class.getResourceAsStream("/rondel/demo/jobs/" + name + ".rondel");
            return Optional.ofNullable(in).flatMap(RecentJobs::preview);
        }

        public Job read() {
            String resource = "/rondel/demo/jobs/" + name + ".rondel";
            try (InputStream in = DemoJobs.class.getResourceAsStream(resource)) {
                Path file = Files.createTempFile("rondel-demo", ".rondel");
                try {
                    Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
                    return JobFile.read(file);
                } finally {
                    Files.deleteIfExists(file);
                }
            } catch (IOException e) {
                throw new Refusal(Words.of("file.notRead", resource, e.getMessage()), e);
            }
        }
    }

    private DemoJobs() {}

    /** The 12 x 12 in tide page that the demonstration starts with. */
    public static Job page() {
        return all().getFirst().read();
    }

    public static List<DemoJob> all() {
        return List.of(
                new DemoJob("tide-page"),
                new DemoJob("planner-stickers"),
                new DemoJob("scrapbook-page"),
                new DemoJob("tide-card"),
                new DemoJob("boat-boxes"),
                new DemoJob("sticker-sheet"),
                new DemoJob("shell-whale"),
                new DemoJob("lettering-sign"),
                new DemoJob("photo-stickers"),
                new DemoJob("salt-jar-tags"),
                new DemoJob("nested-leaves"),
                new DemoJob("sticker-run"),
                new DemoJob("name-plate"),
                new DemoJob("whale-patch"));
    }
}
