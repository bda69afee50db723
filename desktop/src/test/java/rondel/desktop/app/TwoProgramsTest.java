package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.compose.sheets.SetTitle;
import rondel.desktop.files.Questions.HeldByOthers;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobLock;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.units.LengthUnit;

/** Two programs on one job: the second says so, opens it to be read or takes it over, and neither writes over what the other did. */
class TwoProgramsTest extends BenchFixture {

    @TempDir
    private Path folder;

    private Path file;

    @BeforeEach
    void job() {
        file = folder.resolve("page.rondel");
        JobFile.write(titled("First"), file, PictureLevels.usual());
    }

    private static Job titled(String title) {
        return Job.blank(title, LengthUnit.MM, 100, 80);
    }

    private JobLock other() {
        return JobLock.take(file, Duration.ZERO).orElseThrow();
    }

    private void open(HeldByOthers answer) throws Exception {
        answers.heldByOthers = answer;
        onFx(() -> window.actions().open(file));
        calm();
    }

    private void edit(String title) throws Exception {
        Operation retitle = new SetTitle(title);
        onFx(() -> bench.perform(retitle));
        calm();
    }

    private String said() {
        return notices.all().getLast().sentence();
    }

    private void save() throws Exception {
        run("save");
        calm();
    }

    @Test
    void whatIsOpenedToBeReadIsNotSavedThereUntilTheOtherIsDone() throws Exception {
        try (JobLock other = other()) {
            open(HeldByOthers.READ);
            assertThat(answers.asked).singleElement().asString().contains(System.getProperty("user.name"));
            assertThat(window.actions().holding().isToRead()).isTrue();
            byte[] before = Files.readAllBytes(file);
            edit("Second");
            save();
            assertThat(said()).contains("is being worked on");
            assertThat(Files.readAllBytes(file)).isEqualTo(before);
            assertThat(bench.unsaved()).isTrue();
            assertThat(other.isHeld()).isTrue();
        }
        save();
        assertThat(JobFile.read(file).title()).isEqualTo("Second");
        assertThat(window.actions().holding().isToRead()).isFalse();
    }

    @Test
    void whatIsTakenOverIsSavedHereAndNotByWhoHadIt() throws Exception {
        JobLock other = other();
        open(HeldByOthers.TAKE_OVER);
        assertThat(window.actions().holding().isToRead()).isFalse();
        assertThat(other.isHeld()).isFalse();
        edit("Taken");
        save();
        assertThat(JobFile.read(file).title()).isEqualTo("Taken");
        other.close();
        assertThat(folder.resolve(".page.rondel.lock"))
                .as("the lock of who took it")
                .exists();
    }

    @Test
    void whatIsLeftAloneIsNotOpened() throws Exception {
        try (JobLock other = other()) {
            open(HeldByOthers.LEAVE);
            assertThat(bench.file()).isEmpty();
            assertThat(other.isHeld()).isTrue();
        }
    }

    @Test
    void aDamagedFileOffersWhatCanBeGotOutOfItAndStaysAsItIs() throws Exception {
        byte[] whole = Files.readAllBytes(file);
        byte[] broken = java.util.Arrays.copyOf(whole, whole.length - 60);
        Files.write(file, broken);
        open(HeldByOthers.READ);
        assertThat(answers.asked).first().asString().contains("page.rondel");
        assertThat(bench.job().title()).isEqualTo("First");
        assertThat(bench.file()).isEmpty();
        assertThat(Files.readAllBytes(file)).isEqualTo(broken);
    }

    @Test
    void whoComesBackToAWindowHearsThatItsJobWasTakenOver() throws Exception {
        open(HeldByOthers.READ);
        onFx(() -> window.actions().holding().look());
        calm();
        assertThat(window.actions().holding().isToRead()).isFalse();
        try (JobLock taker = JobLock.takeOver(file).orElseThrow()) {
            onFx(() -> window.actions().holding().look());
            calm();
            assertThat(said()).contains("page.rondel").contains("taken over").contains(System.getProperty("user.name"));
            assertThat(window.actions().holding().isToRead()).isTrue();
            assertThat(taker.isHeld()).isTrue();
        }
        edit("Mine after all");
        save();
        assertThat(JobFile.read(file).title()).isEqualTo("Mine after all");
        assertThat(window.actions().holding().isToRead()).isFalse();
    }

    @Test
    void whoItWasTakenFromSaysSoAndWritesNothing() throws Exception {
        open(HeldByOthers.READ);
        edit("Mine");
        try (JobLock taker = JobLock.takeOver(file).orElseThrow()) {
            JobFile.write(titled("Theirs"), file, PictureLevels.usual());
            save();
            assertThat(said()).contains("is being worked on");
            assertThat(taker.isHeld()).isTrue();
        }
        save();
        assertThat(said()).contains("page.rondel");
        assertThat(JobFile.read(file).title())
                .as("changed by another meanwhile")
                .isEqualTo("Theirs");
        assertThat(bench.unsaved()).isTrue();
    }
}
