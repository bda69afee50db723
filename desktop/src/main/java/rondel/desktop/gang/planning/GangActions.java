package rondel.desktop.gang.planning;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.model.Bench;
import rondel.gang.copies.AddCopies;
import rondel.gang.copies.MakeOwn;
import rondel.gang.copies.SwapDesign;
import rondel.gang.plan.PutBack;
import rondel.geometry.Point;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Sheet;
import rondel.text.FontBook;
import rondel.words.Words;

/** What the commands of the Gang stage do. */
public final class GangActions {

    private final GangModel model;
    private final Desk desk;
    private final Bench bench;
    private final Progress progress;
    private final Supplier<FontBook> fonts;
    private final GangQuestions questions;

    /** @param fonts for the words of lists */
    public GangActions(GangModel model, Progress progress, Supplier<FontBook> fonts, GangQuestions questions) {
        this.model = model;
        this.desk = model.desk();
        this.bench = desk.bench();
        this.progress = progress;
        this.fonts = fonts;
        this.questions = questions;
    }

    public boolean hasPlan() {
        return model.plan().isPresent();
    }

    public boolean holdsCopies() {
        return bench.selected().stream().anyMatch(l -> l.element() instanceof CopyElement);
    }

    /** Lays out what is held, or the sheet in the middle, by a plan of its own. */
    public void layOut() {
        model.layOut(model.designs());
    }

    /** Adds what is held, or a sheet that is chosen, to the open plan. */
    public void addToPlan() {
        List<DesignCount> held = bench.sheet().planned().isPresent() ? List.of() : model.designs();
        if (!held.isEmpty() && !bench.selection().isEmpty()) {
            model.add(held);
            return;
        }
        questions
                .design(bench.job(), Words.of("gang.addToPlan"), Words.of("gang.add"))
                .ifPresent(d -> model.add(List.of(DesignCount.asManyAsFit(d))));
    }

    /** @param tag whether a fold-over tag is made, else a card */
    public void fold(boolean tag) {
        questions
                .folded(
                        bench.job(),
                        model.designs().stream().map(DesignCount::design).findFirst(),
                        tag)
                .ifPresent(flat -> model.layOut(List.of(DesignCount.asManyAsFit(flat))));
    }

    /** Fills a list of names into a template, and lays the results out. */
    public void names() {
        Optional<Design> template =
                model.designs().stream().map(DesignCount::design).findFirst();
        NamesModel names = new NamesModel(model, progress, fonts, template);
        questions.names(names);
    }

    public void makeOwn() {
        desk.perform(new MakeOwn(bench.selectedIds()));
    }

    /** Copies that are held go back to where the plan puts them; with none held, all do. */
    public void putBack() {
        if (holdsCopies()) {
            desk.perform(new PutBack(bench.selectedIds()));
        } else {
            model.putAllBack();
        }
    }

    public void swapDesign() {
        questions
                .design(bench.job(), Words.of("gang.swapDesign"), Words.of("gang.swap"))
                .ifPresent(d -> desk.perform(new SwapDesign(bench.selectedIds(), d)));
    }

    /** Puts a copy of a design in the middle of the sheet. */
    public void addCopies() {
        Sheet sheet = bench.sheet();
        Point middle = sheet.trim().centre();
        questions
                .design(bench.job(), Words.of("gang.addCopies"), Words.of("gang.add"))
                .ifPresent(d -> desk.perform(new AddCopies(sheet.id(), List.of(d), middle.x(), middle.y())));
    }

    public void removePlan() {
        model.remove();
    }
}
