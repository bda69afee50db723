package rondel.desktop.sheet;

import java.util.Optional;
import java.util.Set;
import rondel.desktop.model.Bench;
import rondel.formats.proof.SoftProof;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Sheet;

/** The sheet as it is shown: as it is, or as an edit would make it. */
final class ShownSheet {

    private SoftProof.Shown colours = SoftProof.Shown.AS_DRAWN;
    private final Bench bench;
    private Optional<Job> previewed = Optional.empty();
    private Optional<ElementId> written = Optional.empty();

    ShownSheet(Bench bench) {
        this.bench = bench;
    }

    void asItIs() {
        previewed = Optional.empty();
    }

    /** Shows the sheet as it is in another job, if it is there; or as it is again. Whether that may change what is seen. */
    boolean as(Optional<Job> job) {
        boolean differs = previewed.isPresent() || job.isPresent();
        previewed = job.filter(j ->
                j.sheets().stream().anyMatch(s -> s.id().equals(bench.sheet().id())));
        return differs;
    }

    /** Leaves out a text that is drawn over the sheet while it is written. Whether that changes what is seen. */
    boolean leaveOut(Optional<ElementId> text) {
        boolean differs = !written.equals(text);
        written = text;
        return differs;
    }

    Sheet sheet() {
        return previewed.map(j -> j.sheet(bench.sheet().id())).orElseGet(bench::sheet);
    }

    /** Shows it in the colours of the screen, or of the press. */
    void in(SoftProof.Shown other) {
        colours = other;
    }

    SheetScene scene() {
        SheetScene scene =
                SheetScene.of(previewed.orElseGet(bench::job), sheet()).withColours(colours);
        return written.map(id -> scene.leavingOut(Set.of(id))).orElse(scene);
    }
}
