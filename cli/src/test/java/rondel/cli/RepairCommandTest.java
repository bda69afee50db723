package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobRepair;
import rondel.formats.picture.PictureLevels;
import rondel.job.Element;
import rondel.job.Job;
import rondel.words.Refusal;

/** What is got out of damaged job files. */
class RepairCommandTest extends CommandLineFixture {

    private static final int DAMAGES = 120;

    private static long count(Job job) {
        return job.everything().map(Element::id).count();
    }

    @Test
    void aWholeJobComesOutAsItIs() throws Exception {
        Path job = demo("tide-card.rondel");
        Path out = folder.resolve("out.rondel");
        Run run = rondel("repair", job, "-o", out);
        assertThat(run.code()).as(run.err()).isZero();
        assertThat(run.out()).contains("Nothing was damaged");
        assertThat(JobFile.read(out)).isEqualTo(JobFile.read(job));
        assertThat(rondel("repair", job, "-o", job, "--force").code()).isEqualTo(1);
    }

    @Test
    void aFileThatIsCutOffGivesWhatIsBeforeTheCut() throws Exception {
        Path job = demo("sticker-sheet.rondel");
        byte[] all = Files.readAllBytes(job);
        long elements = count(JobFile.read(job));
        Path cut = folder.resolve("cut.rondel");
        // The directory at the end is gone, and the preview with it; the job is whole.
        Files.write(cut, Arrays.copyOf(all, all.length - 2000));
        assertThat(rondel("info", cut).code()).isEqualTo(1);
        Path out = folder.resolve("out.rondel");
        assertThat(rondel("repair", cut, "-o", out).code()).isZero();
        assertThat(count(JobFile.read(out))).isEqualTo(elements);
        // Half of the job is gone.
        int json = new String(all, java.nio.charset.StandardCharsets.ISO_8859_1).indexOf("job.json");
        Files.write(cut, Arrays.copyOf(all, json + 12_000));
        Run run = rondel("repair", cut, "-o", out, "--force");
        assertThat(run.out()).contains("breaks off before its end");
        assertThat(count(JobFile.read(out))).isBetween(3L, elements - 1);
    }

    @Test
    void whatIsWrongInTheJobIsLeftOutAndSaid() throws Exception {
        Path job = demo("scrapbook-page.rondel");
        Job whole = JobFile.read(job);
        Path out = folder.resolve("out.rondel");
        byte[] all = Files.readAllBytes(job);
        String text = new String(all, java.nio.charset.StandardCharsets.ISO_8859_1);
        int media = text.indexOf("media/");
        all[media + 6 + 64 + 4 + 900] ^= 0x55;
        Files.write(job, all);
        assertThat(rondel("info", job).err()).contains("is damaged: its picture");
        Run run = rondel("repair", job, "-o", out);
        assertThat(run.out()).contains("is damaged and left out.", "has lost its picture");
        assertThat(count(JobFile.read(out))).isBetween(1L, count(whole) - 1);
    }

    @Test
    void anyDamageGivesAJobOrASentence() throws Exception {
        Path job = demo("tide-card.rondel");
        byte[] all = Files.readAllBytes(job);
        Random random = new Random(20261130);
        int got = 0;
        Path damaged = folder.resolve("damaged.rondel");
        Path out = folder.resolve("out.rondel");
        for (int i = 0; i < DAMAGES; i++) {
            byte[] some = all.clone();
            int hurts = 1 + random.nextInt(6);
            for (int k = 0; k < hurts; k++) {
                some[random.nextInt(some.length)] = (byte) random.nextInt(256);
            }
            if (random.nextInt(3) == 0) {
                some = Arrays.copyOf(some, random.nextInt(some.length));
            }
            Files.write(damaged, some);
            try {
                Job repaired = JobRepair.of(damaged).job();
                JobFile.write(repaired, out, PictureLevels.usual());
                assertThat(count(JobFile.read(out))).isEqualTo(count(repaired));
                got++;
            } catch (Refusal sentence) {
                assertThat(sentence.getMessage()).isNotBlank();
            }
        }
        assertThat(got).isGreaterThan(DAMAGES / 2);
    }
}
