package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.files.JobActions;
import rondel.desktop.files.JobWindows;
import rondel.formats.job.JobFile;
import rondel.job.Job;
import rondel.units.LengthUnit;

/** Several jobs, each in a window: which of them a job comes to. */
class SeveralJobsTest extends BenchFixture {

    @TempDir
    private Path folder;

    private final Others others = new Others();

    /** Other windows that only count what is asked of them. */
    private static final class Others implements JobWindows {
        private int asked;
        private final List<String> used = new ArrayList<>();
        private List<Path> open = List.of();

        @Override
        public boolean another(Consumer<JobActions> with) {
            asked++;
            return true;
        }

        @Override
        public boolean bringForward(Path file) {
            return open.contains(file);
        }

        @Override
        public void opened(Path file) {
            // nothing is remembered
        }

        @Override
        public void used(Path file, String title) {
            used.add(title);
        }

        @Override
        public void close() {
            asked = -1;
        }

        @Override
        public void quit() {
            asked = -1;
        }
    }

    private Path job(String title) {
        Path file = folder.resolve(title + ".rondel");
        JobFile.write(Job.blank(title, LengthUnit.MM, 100, 80), file, desk.pictures());
        return file;
    }

    @Test
    void ofSeveralFilesTheFirstComesHereAndEachOtherToAWindowOfItsOwn() throws Exception {
        Path first = job("First");
        Path second = job("Second");
        onFx(() -> {
            window.actions().among(others);
            window.actions().open(first);
            window.actions().open(second);
        });
        calm();
        assertThat(bench.file()).contains(first);
        assertThat(others.asked).isEqualTo(1);
        assertThat(others.used).containsExactly("First");
    }

    @Test
    void aFileThatIsOpenElsewhereComesForwardAndWorkIsNeverReplaced() throws Exception {
        Path open = job("Open");
        others.open = List.of(open);
        onFx(() -> {
            window.actions().among(others);
            window.actions().open(open);
        });
        calm();
        assertThat(bench.file()).isEmpty();
        run("addOval");
        keys(javafx.scene.input.KeyCode.ENTER);
        calm();
        Job before = bench.job();
        onFx(() -> window.actions().begin(Job.blank("Next", LengthUnit.MM, 50, 50)));
        calm();
        assertThat(bench.job()).isSameAs(before);
        assertThat(others.asked).isEqualTo(1);
    }
}
