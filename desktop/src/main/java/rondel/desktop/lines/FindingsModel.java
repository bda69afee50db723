package rondel.desktop.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import javafx.util.Duration;
import rondel.catalogue.AllChecks;
import rondel.desktop.desk.Desk;
import rondel.job.Job;
import rondel.job.TextElement;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Mending;
import rondel.text.FontBook;

/** What the checks find in the job on the bench: looked for again in the background once the person has paused. */
public final class FindingsModel {

    private static final Duration PAUSE = Duration.millis(350);

    private final Desk desk;
    private final Supplier<FontBook> fonts;
    private final List<Runnable> listeners = new ArrayList<>();
    private final Debounced<List<Finding>> checks;
    private List<Finding> findings = List.of();
    private Job checked;

    public FindingsModel(Desk desk, Supplier<FontBook> fonts) {
        this.desk = desk;
        this.fonts = fonts;
        this.checks = new Debounced<>(desk, PAUSE, this::check, this::told);
        desk.bench().onChange(() -> {
            if (desk.bench().job() != checked) {
                checks.restart();
            }
        });
        checks.restart();
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    public List<Finding> findings() {
        return findings;
    }

    /** How a finding is mended: worked out by whoever asks, off the toolkit's thread. */
    Mending mending() {
        return new Mending(desk.bench().history().editing(), fonts.get(), Limits.USUAL);
    }

    /** Whether what is told is of the job as it is now. */
    public boolean isIdle() {
        return checked == desk.bench().job();
    }

    private Callable<List<Finding>> check() {
        Job job = desk.bench().job();
        return () -> AllChecks.of(new Checked(job, fontsFor(job), Limits.USUAL));
    }

    /** A job without text needs none: an empty one, at the start, does not wait for them to be read. */
    private FontBook fontsFor(Job job) {
        return job.everything().anyMatch(TextElement.class::isInstance) ? fonts.get() : FontBook.NONE;
    }

    private void told(List<Finding> found) {
        checked = desk.bench().job();
        findings = found;
        List.copyOf(listeners).forEach(Runnable::run);
    }

    public void close() {
        checks.close();
    }
}
