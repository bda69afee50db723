package rondel.desktop.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import rondel.check.Checked;
import rondel.check.Checks;
import rondel.check.Finding;
import rondel.check.Limits;
import rondel.desktop.app.Desk;
import rondel.desktop.app.Workers;
import rondel.job.Job;
import rondel.text.FontBook;
import rondel.words.Words;

/** What the checks find in the job on the bench: looked for again in the background once the person has paused. */
public final class FindingsModel {

    private static final Duration PAUSE = Duration.millis(350);

    private final Desk desk;
    private final Supplier<FontBook> fonts;
    private final List<Runnable> listeners = new ArrayList<>();
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private List<Finding> findings = List.of();
    private Job checked;
    private Workers.Task task;

    public FindingsModel(Desk desk, Supplier<FontBook> fonts) {
        this.desk = desk;
        this.fonts = fonts;
        pause.setOnFinished(e -> check());
        desk.bench().onChange(() -> {
            if (desk.bench().job() != checked) {
                pause.playFromStart();
            }
        });
        pause.playFromStart();
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    public List<Finding> findings() {
        return findings;
    }

    /** Whether what is told is of the job as it is now. */
    public boolean isIdle() {
        return checked == desk.bench().job();
    }

    private void check() {
        Job job = desk.bench().job();
        if (task != null) {
            task.cancel();
        }
        task = desk.workers()
                .run(
                        () -> Checks.of(new Checked(job, fonts.get(), Limits.USUAL)),
                        found -> {
                            if (job == desk.bench().job()) {
                                checked = job;
                                findings = found;
                                List.copyOf(listeners).forEach(Runnable::run);
                            }
                        },
                        failure -> desk.notices().refuse(Words.of("cli.unexpected", failure)),
                        () -> {});
    }

    public void close() {
        pause.stop();
    }
}
