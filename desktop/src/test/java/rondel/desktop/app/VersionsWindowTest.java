package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.files.VersionPictures;
import rondel.formats.versions.VersionStore;
import rondel.job.Element;

/** Earlier versions of a job as a person gets at them. */
class VersionsWindowTest extends BenchFixture {

    @TempDir
    Path folder;

    @Test
    void eachSaveIsKeptComparedAndOpenedAgain() throws Exception {
        openDemo("tide-card");
        answers.job = folder.resolve("card.rondel");
        run("save");
        calm();
        Element first = bench.sheet().elements().getFirst();
        int things = bench.sheet().elements().size();
        onFx(() -> bench.select(java.util.List.of(first.id())));
        run("delete");
        calm();
        run("save");
        calm();
        assertThat(VersionStore.of(answers.job).all()).hasSize(2);

        answers.version = 1;
        run("versions");
        calm();
        assertThat(answers.offered).hasSize(2);
        assertThat(bench.sheet().elements()).hasSize(things);
        assertThat(bench.file()).isEmpty();
    }

    @Test
    void whatDiffersIsMarkedOnBothPictures() throws Exception {
        openDemo("tide-card");
        answers.job = folder.resolve("card.rondel");
        run("save");
        calm();
        Element first = bench.sheet().elements().getLast();
        onFx(() -> bench.select(java.util.List.of(first.id())));
        run("delete");
        calm();
        run("versions");
        calm();
        VersionPictures pictures = answers.shown;
        CompletableFuture<VersionPictures.Compared> shown = new CompletableFuture<>();
        onFx(() -> pictures.compare(answers.offered.getFirst(), shown::complete, shown::completeExceptionally));
        VersionPictures.Compared compared = shown.get(20, TimeUnit.SECONDS);
        assertThat(compared.places()).isPositive();
        assertThat(compared.now().getWidth()).isEqualTo(compared.then().getWidth());

        run("versionsBeside");
        calm();
        assertThat(VersionStore.of(answers.job).isBeside()).isTrue();
        assertThat(VersionStore.of(answers.job).all()).hasSize(1);
    }
}
