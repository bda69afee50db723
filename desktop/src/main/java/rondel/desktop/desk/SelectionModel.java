package rondel.desktop.desk;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Change;
import rondel.desktop.model.SelectionBox;
import rondel.desktop.model.SelectionFacts;
import rondel.job.Extent;

/** What views say of the selection, worked out in the background whenever it, or the sheet that it is on, is another. */
public final class SelectionModel {

    private final Bench bench;
    private final Derived<SelectionFacts> derived;
    private final List<Runnable> listeners = new ArrayList<>();
    private SelectionFacts facts = SelectionFacts.NONE;
    private boolean current;

    SelectionModel(Bench bench, Workers workers) {
        this.bench = bench;
        this.derived = new Derived<>(workers, this::found);
        bench.on(EnumSet.of(Change.JOB, Change.SELECTION, Change.SHEET), this::ask);
        ask();
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** What is known; for a moment after a change, of the selection as it was. */
    public SelectionFacts facts() {
        return facts;
    }

    /** The box that handles sit on, of the selection as it is. */
    public Optional<Extent.TurnedBox> box() {
        return current ? facts.boxes().around() : SelectionBox.of(bench.selected());
    }

    private void ask() {
        SelectionFacts.Of of = SelectionFacts.Of.bench(bench);
        List<Object> values = List.of(of.sheet(), of.level(), of.selection());
        current = current && derived.isOf(values);
        derived.of(values, of::facts);
    }

    private void found(SelectionFacts found) {
        facts = found;
        current = true;
        List.copyOf(listeners).forEach(Runnable::run);
    }
}
