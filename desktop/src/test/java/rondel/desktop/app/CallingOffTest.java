package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;
import rondel.catalogue.SampleJob;
import rondel.compose.sheets.SetTitle;
import rondel.desktop.export.ExportChoice;
import rondel.formats.export.ExportFormat;
import rondel.formats.job.JobFile;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** Slow work in a real window shows that it is under way, and stops when it is called off. */
class CallingOffTest extends BenchFixture {

    @TempDir
    private Path folder;

    @Test
    void anExportThatIsCalledOffLeavesNoFile() throws Exception {
        calm();
        Job heavy = heavy();
        onFx(() -> bench.open(heavy, Optional.empty()));
        calm();
        Path target = folder.resolve("page.png");
        Files.writeString(target, "the old one");
        ExportChoice choice = new ExportChoice(ExportFormat.PNG, false, 1200, false);
        onFx(() -> window.actions().exports().export(choice, target));
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> lookup("#cancel").tryQuery().isPresent() && shown());
        onFx(lookup("#cancel").queryAs(Button.class)::fire);
        calm();
        assertThat(notice()).isEqualTo(rondel.words.Words.of("progress.cancelled"));
        assertThat(target).hasContent("the old one");
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).containsExactly(target);
        }
    }

    /** Two savers, and neither loses. */
    @Test
    void whatOthersWroteToTheJobsFileStaysAndSoDoesTheWork() throws Exception {
        Path file = folder.resolve("page.rondel");
        JobFile.write(SampleJob.make(), file, desk.pictures());
        onFx(() -> window.actions().open(file));
        calm();
        assertThat(folder.resolve(".page.rondel.lock")).content().contains(System.getProperty("user.name"));
        JobFile.write(SampleJob.make().withTitle("Theirs"), file, desk.pictures());
        onFx(() -> bench.perform(new SetTitle("Mine")));
        onFx(() -> window.actions().save());
        calm();
        assertThat(notice()).contains("both are kept");
        assertThat(JobFile.read(file).title()).isEqualTo("Theirs");
        assertThat(bench.unsaved()).isTrue();
        answers.job = folder.resolve("mine.rondel");
        onFx(() -> window.actions().saveAs());
        calm();
        assertThat(JobFile.read(answers.job).title()).isEqualTo("Mine");
        assertThat(bench.unsaved()).isFalse();
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !Files.exists(folder.resolve(".page.rondel.lock")));
        answers.job = folder.resolve("page");
        onFx(() -> window.actions().saveAs());
        calm();
        assertThat(JobFile.read(file).title())
                .as("the ending makes it a file that is there")
                .isEqualTo("Theirs");
        onFx(() -> bench.perform(new SetTitle("Mine again")));
        onFx(() -> window.actions().save());
        calm();
        assertThat(JobFile.read(folder.resolve("mine.rondel")).title()).isEqualTo("Mine again");
    }

    private boolean shown() {
        return lookup("#cancel").queryButton().getParent().isVisible();
    }

    /** Thousands of see-through circles, which take seconds to paint at 1200 ppi. */
    private static Job heavy() {
        Outline circle = Outline.of(new java.awt.geom.Ellipse2D.Double(0, 0, 150, 150));
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < 4000; i++) {
            all.add(new ShapeElement(
                    Traits.named("")
                            .withId(new ElementId("e" + i))
                            .withPlacement(Affine.translate(i % 63, i / 63.0))
                            .withOpacity(0.5),
                    circle,
                    FillRule.NON_ZERO,
                    Paint.solid(new Rgba(20, 90, 90, 90)),
                    Optional.empty()));
        }
        Job job = Job.blank("Heavy", LengthUnit.MM, 200, 200);
        assertThat(new Box(0, 0, 200, 200)).isEqualTo(job.sheets().getFirst().trim());
        return job.withSheet(job.sheets().getFirst().id(), s -> s.withElements(all));
    }
}
