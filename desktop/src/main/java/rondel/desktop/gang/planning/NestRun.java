package rondel.desktop.gang.planning;

import java.util.Optional;
import javafx.application.Platform;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.gang.copies.DesignContents;
import rondel.gang.plan.ChangePlan;
import rondel.gang.plan.NestPlan;
import rondel.job.Job;
import rondel.job.NestSettings;
import rondel.job.Plan;
import rondel.job.PlanId;
import rondel.job.Way;
import rondel.words.Words;

/** A search for the places of true shapes, in the background: what it finds is shown as it gets better, until it ends, or until somebody has had
 *  enough and keeps what there is. */
public final class NestRun {

    /** How often what is better is shown at most, in nanoseconds: often enough to watch, and seldom enough for all else. */
    private static final long SHOWN_EVERY = 600_000_000L;

    private final Desk desk;
    private final Progress progress;
    private Optional<PlanId> running = Optional.empty();
    private Runnable changed = () -> {};
    private Optional<ChangePlan> shownLast = Optional.empty();
    private long shown;

    public NestRun(Desk desk, Progress progress) {
        this.desk = desk;
        this.progress = progress;
    }

    public void onChange(Runnable listener) {
        changed = listener;
    }

    public boolean isRunning() {
        return running.isPresent();
    }

    /** Ends the search; what it has found stays. */
    public void stop() {
        if (isRunning()) {
            progress.stopAndKeep();
        }
    }

    /** Searches for a plan as it is to be; nothing while another search runs. */
    public void start(Plan plan, NestSettings settings) {
        if (isRunning()) {
            return;
        }
        Job job = desk.bench().job();
        Plan open = plan.withWay(new Way.Nest(settings, Optional.empty()));
        shownLast = Optional.empty();
        running = Optional.of(plan.id());
        changed.run();
        NestPlan[] search = new NestPlan[1];
        progress.runUntilStopped(
                Words.of("gang.searching"),
                () -> {
                    NestPlan made = new NestPlan(open, new DesignContents(job));
                    search[0] = made;
                    return made.run(this::better);
                },
                found -> show(found, true),
                () -> {
                    if (search[0] != null) {
                        search[0].stop();
                    }
                },
                () -> {
                    running = Optional.empty();
                    changed.run();
                });
    }

    /** On whatever thread found it. */
    private synchronized void better(Plan found) {
        long now = System.nanoTime();
        if (now - shown > SHOWN_EVERY) {
            shown = now;
            Platform.runLater(() -> show(found, false));
        }
    }

    /** Shows a packing, unless the plan has gone or asks for other pieces by now. */
    private void show(Plan found, boolean last) {
        Optional<Plan> now = desk.bench().job().plan(found.id());
        boolean same = now.filter(
                        p -> p.designs().equals(found.designs()) && p.stocks().equals(found.stocks()))
                .isPresent();
        if (same && (last || isRunning()) && !now.get().equals(found)) {
            Plan with = now.get().withWay(found.way());
            if (!with.equals(now.get())) {
                ChangePlan better = new ChangePlan(with);
                shownLast.ifPresentOrElse(
                        before -> desk.bench().performInstead(better, before), () -> desk.perform(better));
                shownLast = Optional.of(better);
            }
        }
    }
}
