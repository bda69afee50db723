package rondel.desktop.compose.shelf;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.formats.shelf.Shelf;
import rondel.formats.shelf.ShelfQuery;
import rondel.formats.shelf.Thing;
import rondel.words.Refusal;
import rondel.words.Words;

/** What the window knows of the shelf: what is looked for, and what was found. The shelf itself is used off the toolkit's
 *  thread; everything here is called on it. */
public final class ShelfModel {

    private final Supplier<Shelf> opening;
    private final Workers workers;
    private final Notices notices;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<Shelf> shelf = Optional.empty();
    private ShelfQuery query = ShelfQuery.ALL;
    private List<Thing> found = List.of();
    private List<String> sets = List.of();
    private int underWay;
    private boolean open;

    public ShelfModel(Supplier<Shelf> opening, Workers workers, Notices notices) {
        this.opening = opening;
        this.workers = workers;
        this.notices = notices;
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Opens the shelf and finds everything. */
    public void open() {
        run(opening::get, opened -> {
            shelf = Optional.of(opened);
            open = true;
            opened.notices().forEach(notices::refuse);
            look(query);
        });
    }

    public boolean isIdle() {
        return open && underWay == 0;
    }

    public boolean isOpen() {
        return open;
    }

    public ShelfQuery query() {
        return query;
    }

    public List<Thing> found() {
        return found;
    }

    public List<String> sets() {
        return sets;
    }

    /** The file of a thing that was found; nothing once the shelf is closed. */
    public Optional<Path> file(Thing thing) {
        return shelf.map(s -> s.file(thing));
    }

    private record Answer(ShelfQuery query, List<Thing> found, List<String> sets) {}

    /** Looks for something else; only the last thing looked for is shown. */
    public void look(ShelfQuery wanted) {
        query = wanted;
        shelf.ifPresent(s -> run(() -> new Answer(wanted, s.search(wanted), s.sets()), answer -> {
            if (answer.query.equals(query)) {
                found = answer.found;
                sets = answer.sets;
                List.copyOf(listeners).forEach(Runnable::run);
            }
        }));
    }

    /** Finds things by words, whatever is looked for on the shelf itself. */
    public void search(String words, java.util.function.Consumer<List<Thing>> ready) {
        shelf.ifPresent(s -> run(() -> s.search(ShelfQuery.of(words)), ready));
    }

    public void words(String words) {
        look(new ShelfQuery(words, query.set(), query.favourites()));
    }

    /** Only one set; every set where none is named. */
    public void set(Optional<String> set) {
        look(new ShelfQuery(query.words(), set, false));
    }

    public void favourites() {
        look(new ShelfQuery(query.words(), Optional.empty(), true));
    }

    /** Changes the shelf, then looks again. */
    public <T> void change(Function<Shelf, T> change, java.util.function.Consumer<T> done) {
        shelf.ifPresent(s -> run(() -> change.apply(s), result -> {
            done.accept(result);
            look(query);
        }));
    }

    public void add(List<Path> files) {
        String set = query.set().map(s -> s + "/").orElse("");
        change(
                s -> {
                    files.forEach(f -> s.add(f, Thing.plain(set + f.getFileName())));
                    return files.size();
                },
                count -> {});
    }

    private <T> void run(Supplier<T> work, java.util.function.Consumer<T> done) {
        underWay++;
        workers.run(
                work::get,
                result -> {
                    underWay--;
                    done.accept(result);
                },
                failure -> {
                    underWay--;
                    notices.refuse(
                            failure instanceof Refusal ? failure.getMessage() : Words.of("cli.unexpected", failure));
                },
                () -> underWay--);
    }

    public void close() {
        shelf.ifPresent(Shelf::close);
        shelf = Optional.empty();
    }
}
