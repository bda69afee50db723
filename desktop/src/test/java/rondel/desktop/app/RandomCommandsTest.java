package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.application.Platform;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import rondel.catalogue.SampleJob;
import rondel.desktop.command.Command;
import rondel.desktop.compose.colour.RecolourForm;
import rondel.desktop.compose.repeat.RepeatForm;
import rondel.desktop.compose.space.SpacingForm;
import rondel.desktop.sheets.GuideForm;
import rondel.geometry.Axis;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;

/** Any commands in any order, on any selection: nothing is thrown, what is selected is there, and all of it can be undone. */
class RandomCommandsTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    private static final int STEPS = 50;

    /** They leave the job for another, or write files. */
    private static final Set<String> LEAVING =
            Set.of("new", "open", "save", "saveAs", "export", "place", "addFonts", "shelve", "undo", "redo", "history");

    private final List<Throwable> thrown = new CopyOnWriteArrayList<>();

    @RepeatedTest(2)
    void whateverIsChosenIsDoneAndUndone(RepetitionInfo run) throws Exception {
        Random random = new Random(run.getCurrentRepetition());
        onFx(() -> Thread.currentThread().setUncaughtExceptionHandler((t, e) -> thrown.add(e)));
        answers.spacing = Optional.of(new SpacingForm(SpacingForm.Layout.ROW, 3, 3, 2, 40));
        answers.guide = Optional.of(new GuideForm(Axis.VERTICAL, 30));
        answers.repeat = Optional.of(new RepeatForm(Axis.HORIZONTAL, 0, 100, 1, 0.5, 0.1));
        answers.recolour = Optional.of(now -> new RecolourForm(now, new Rgba(10, 90, 160, 255), 0.05, true));
        answers.roles = Optional.of(looks -> looks);
        answers.alternative = Optional.of(0);
        Job sample = SampleJob.make();
        onFx(() -> bench.open(sample, Optional.empty()));
        calm();
        Set<String> done = new TreeSet<>();
        for (int i = 0; i < STEPS; i++) {
            List<Element> level = bench.level();
            List<ElementId> some = new ArrayList<>();
            for (int k = random.nextInt(4); k > 0 && !level.isEmpty(); k--) {
                some.add(level.get(random.nextInt(level.size())).id());
            }
            onFx(() -> bench.select(some));
            List<Command> able = able();
            Command command = able.get(random.nextInt(able.size()));
            Job before = bench.job();
            onFx(command::run);
            calm();
            assertThat(thrown).as("%s on %s", command.id(), some).isEmpty();
            assertThat(bench.selected()).as("%s on %s", command.id(), some).hasSameSizeAs(bench.selection());
            if (bench.job() != before) {
                done.add(command.id());
            }
        }
        assertThat(done).hasSizeGreaterThan(6);
        Job last = bench.job();
        int steps = 0;
        for (; bench.canUndo(); steps++) {
            onFx(bench::undo);
        }
        assertThat(bench.job()).isEqualTo(sample);
        for (; steps > 0; steps--) {
            onFx(bench::redo);
        }
        assertThat(bench.job()).isEqualTo(last);
        assertThat(thrown).isEmpty();
    }

    private List<Command> able() {
        List<Command> able = new ArrayList<>();
        onFx(() -> {
            assertThat(Platform.isFxApplicationThread()).isTrue();
            for (Command c : window.commands().all()) {
                if (!LEAVING.contains(c.id())
                        && !c.id().startsWith("demo-")
                        && !c.id().startsWith("theme-")
                        && c.enabled().getAsBoolean()) {
                    able.add(c);
                }
            }
        });
        return able;
    }
}
