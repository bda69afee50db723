package rondel.desktop.gang.planning;

import java.util.EnumSet;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Workers;
import rondel.desktop.model.Change;
import rondel.gang.copies.DesignContents;
import rondel.gang.plan.Freshness;
import rondel.gang.plan.NestPlan;
import rondel.job.Job;
import rondel.job.Plan;
import rondel.job.Way;

/** Packs again by shape what was packed before its designs were edited, once the person has paused. */
public final class NestRefresh {

    private static final Duration PAUSE = Duration.seconds(1.5);

    private final Desk desk;
    private final NestRun nest;
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private Workers.Task task = new Workers.Task();
    private Job looked;

    public NestRefresh(Desk desk, NestRun nest) {
        this.desk = desk;
        this.nest = nest;
        pause.setOnFinished(e -> look());
        desk.bench().on(EnumSet.of(Change.JOB), () -> {
            if (desk.bench().job().plans().stream().anyMatch(p -> p.way() instanceof Way.Nest)) {
                pause.playFromStart();
            }
        });
    }

    private void look() {
        Job job = desk.bench().job();
        if (nest.isRunning() || job == looked) {
            return;
        }
        looked = job;
        task.cancel();
        task = desk.workers()
                .run(
                        () -> stale(job),
                        found -> found.filter(p -> desk.bench().job() == job)
                                .ifPresent(p -> nest.start(p, ((Way.Nest) p.way()).settings())),
                        desk.notices()::failed,
                        () -> {});
    }

    /** The first plan whose pieces look otherwise than when they were packed; one that can't be packed is left to its finding. */
    private static Optional<Plan> stale(Job job) {
        DesignContents contents = new DesignContents(job);
        return job.plans().stream()
                .filter(p -> NestPlan.freshness(p, contents) instanceof Freshness.Stale)
                .findFirst();
    }

    public void close() {
        pause.stop();
        task.cancel();
    }
}
