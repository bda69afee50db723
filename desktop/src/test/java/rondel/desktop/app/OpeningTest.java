package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.compose.sheets.SetTitle;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;
import rondel.units.LengthUnit;

class OpeningTest extends BenchFixture {

    @TempDir
    private Path folder;

    @Test
    void saveWhileAJobIsBeingOpenedAsksForNoFileOfTheBlankOneThatIsThereYet() throws Exception {
        Path file = folder.resolve("page.rondel");
        JobFile.write(Job.blank("Mudflat page", LengthUnit.MM, 100, 80), file, PictureLevels.usual());
        onFx(() -> {
            window.actions().open(file);
            window.commands().get("save").run();
        });
        assertThat(notices.all())
                .last()
                .extracting(n -> n.sentence())
                .asString()
                .contains("still being opened");
        calm();
        assertThat(answers.asked).isEmpty();
        assertThat(bench.file()).contains(file);

        onFx(() -> bench.perform(new SetTitle("Mudflat")));
        run("save");
        calm();
        assertThat(JobFile.read(file).title()).isEqualTo("Mudflat");
    }
}
