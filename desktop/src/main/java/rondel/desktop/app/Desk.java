package rondel.desktop.app;

import java.util.List;
import java.util.Optional;
import rondel.desktop.model.Bench;
import rondel.desktop.model.SpacingChoice;
import rondel.job.Element;
import rondel.job.Located;
import rondel.operation.Operation;
import rondel.paint.PictureSource;
import rondel.words.Refusal;

/** What every part of the window works with. */
public record Desk(Bench bench, Workers workers, PictureSource pictures, Notices notices, SpacingChoice spacing) {

    public Desk(Bench bench, Workers workers, PictureSource pictures, Notices notices) {
        this(bench, workers, pictures, notices, new SpacingChoice());
    }

    /** Makes an edit, or says why not; true where it was made. */
    public boolean perform(Operation operation) {
        try {
            bench.perform(operation);
            return true;
        } catch (Refusal e) {
            notices.refuse(e.getMessage());
            return false;
        }
    }

    /** The one selected element, where it is just one. */
    public Optional<Element> onlySelected() {
        List<Located> selected = bench.selected();
        return selected.size() == 1 ? Optional.of(selected.getFirst().element()) : Optional.empty();
    }
}
