package rondel.desktop.compose.shelf;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import rondel.desktop.compose.thing.ThingForm;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.Questions;
import rondel.formats.shelf.Arrangement;
import rondel.formats.shelf.Thing;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** What is done to the shelf: things are described, taken off, or put on it from the sheet. */
public final class ShelfActions {

    private final Desk desk;
    private final ShelfModel model;
    private final Questions questions;
    private Optional<Thing> picked = Optional.empty();
    private Consumer<Thing> placing = t -> {};

    public ShelfActions(Desk desk, ShelfModel model, Questions questions) {
        this.desk = desk;
        this.model = model;
        this.questions = questions;
    }

    /** Says which thing commands are about. */
    void pick(Thing thing) {
        picked = Optional.of(thing);
    }

    /** The thing that commands are about: the one that was picked last, where it is still on the shelf. */
    public Optional<Thing> picked() {
        return picked.filter(t -> model.found().contains(t));
    }

    /** @param places puts a thing into the middle of the view */
    public void onPlace(Consumer<Thing> places) {
        placing = places;
    }

    public void place(Thing thing) {
        placing.accept(thing);
    }

    /** Shows all things that are in the same set as one. */
    public void showSet(Thing thing) {
        model.words("");
        model.set(Optional.of(thing.set()));
    }

    public void turnFavourite(Thing thing) {
        describe(thing, thing.withFavourite(!thing.favourite()));
    }

    /** Asks what a thing is, and keeps the answer. */
    public void describe(Thing thing) {
        questions
                .thing(
                        ThingForm.of(thing),
                        model.sets(),
                        Words.of("shelf.describeHeading"),
                        Words.of("shelf.describeGo"))
                .ifPresent(form -> describe(thing, form.told(thing)));
    }

    void describe(Thing thing, Thing told) {
        model.change(shelf -> shelf.describe(thing.path(), told), done -> {});
    }

    public void takeOff(Thing thing) {
        model.change(
                shelf -> {
                    shelf.takeOff(thing.path());
                    return shelf.folder();
                },
                folder -> desk.notices().say(Words.of("shelf.takenOff", thing.title(), folder)));
    }

    /** Asks what the selection is to be called, and puts it on the shelf as one thing. */
    public void shelve() {
        Job job = desk.bench().job();
        List<ElementId> ids = desk.bench().selectedIds();
        String name = Targets.display(desk.bench().selected().getFirst().element());
        try {
            Arrangement plain = Arrangement.of(job, ids, name);
            questions
                    .thing(
                            ThingForm.fresh(name, model.query().set().orElse(""), plain.provenance()),
                            model.sets(),
                            Words.of("shelf.saveHeading"),
                            Words.of("shelf.saveGo"))
                    .ifPresent(form -> shelve(
                            new Arrangement(plain.job().withTitle(form.title()), Optional.of(form.provenance())),
                            form));
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }

    private void shelve(Arrangement arrangement, ThingForm form) {
        model.change(
                shelf -> arrangement.onto(shelf, form.set().strip(), form.tagList(), desk.pictures()),
                saved -> desk.notices().say(Words.of("shelf.saved", saved.title())));
    }
}
