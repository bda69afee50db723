package rondel.desktop.desk;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import rondel.desktop.model.Bench;
import rondel.desktop.model.SpacingChoice;
import rondel.job.Element;
import rondel.job.Located;
import rondel.operation.Operation;
import rondel.paint.PictureSource;

/** What every part of the window works with. */
public record Desk(
        Bench bench,
        Workers workers,
        PictureSource pictures,
        Notices notices,
        SpacingChoice spacing,
        SelectionModel selection,
        Preferred preferred) {

    public Desk(Bench bench, Workers workers, PictureSource pictures, Notices notices) {
        this(bench, workers, pictures, notices, Preferred.usual());
    }

    public Desk(Bench bench, Workers workers, PictureSource pictures, Notices notices, Preferred preferred) {
        this(bench, workers, pictures, notices, new SpacingChoice(), new SelectionModel(bench, workers), preferred);
        bench.onFailure(notices::failed);
        workers.onUnexpected(notices::failed);
    }

    /** Makes an edit, or says why not. */
    public void perform(Operation operation) {
        bench.perform(operation);
    }

    /** Makes an edit, or says why not.
     *
     * @param made runs once it is shown */
    public void perform(Operation operation, Runnable made) {
        bench.perform(operation, made);
    }

    /** Does something with files that nobody waits for. */
    public void inBackground(Callable<?> work) {
        workers.file(work::call, done -> {}, notices::failed, () -> {});
    }

    /** The one selected element, where it is just one. */
    public Optional<Element> onlySelected() {
        List<Located> selected = bench.selected();
        return selected.size() == 1 ? Optional.of(selected.getFirst().element()) : Optional.empty();
    }
}
