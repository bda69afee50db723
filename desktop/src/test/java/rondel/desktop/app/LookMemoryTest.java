package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.job.LastLooks;
import rondel.geometry.Point;
import rondel.job.SheetId;

/** A job is looked at again as it was when it was closed. */
class LookMemoryTest extends BenchFixture {

    @TempDir
    Path folder;

    @Test
    void sheetStageAndZoomAreThoseThatOneLeft() throws Exception {
        openDemo("sticker-run");
        LastLooks looks = new LastLooks(folder.resolve("looks.json"));
        LookMemory memory = new LookMemory(window, desk, looks);
        Path job = folder.resolve("run.rondel");
        answers.job = job;
        run("save");
        calm();
        SheetId second = bench.job().sheets().get(1).id();
        onFx(() -> {
            bench.show(second);
            window.sheet().zoom(3);
        });
        run("stageLines");
        calm();
        double scale = window.sheet().viewport().scale();
        Point middle = window.sheet().middle();
        // What is remembered first may be how one looked at it between the save and the other stage.
        for (int i = 0;
                i < 100 && looks.of(job).filter(l -> l.stage().equals("Lines")).isEmpty();
                i++) {
            Thread.sleep(50);
        }
        assertThat(looks.of(job).orElseThrow().stage()).isEqualTo("Lines");

        onFx(() -> {
            bench.show(bench.job().sheets().getFirst().id());
            window.sheet().fit();
        });
        run("stageCompose");
        onFx(() -> memory.opened(job));
        calm();
        assertThat(bench.sheet().id()).isEqualTo(second);
        assertThat(window.stages().get().id()).isEqualTo("Lines");
        assertThat(window.sheet().viewport().scale()).isCloseTo(scale, within(1e-9));
        assertThat(window.sheet().middle().x()).isCloseTo(middle.x(), within(1.0));
    }

    @Test
    void whatIsDamagedIsBegunAnew() throws Exception {
        Path file = folder.resolve("looks.json");
        java.nio.file.Files.writeString(file, "{ nothing");
        LastLooks looks = new LastLooks(file);
        assertThat(looks.of(folder.resolve("a"))).isEmpty();
        looks.keep(new LastLooks.Look(LastLooks.name(folder.resolve("a")), "s", "Lines", 2, 3, 4));
        assertThat(looks.of(folder.resolve("a")).orElseThrow().scale()).isEqualTo(2);
    }
}
