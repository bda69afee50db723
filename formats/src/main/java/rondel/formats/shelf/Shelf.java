package rondel.formats.shelf;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import rondel.formats.artwork.ArtworkKind;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.FileName;
import rondel.formats.files.Replacing;
import rondel.words.Refusal;
import rondel.words.Words;

/** A person's own library of artwork: a plain folder that can be copied, a folder in it for each set, and in each an
 *  {@code about.json} with titles, tags and licences. An index beside it makes it quick to search. Several threads may use it. */
public final class Shelf implements AutoCloseable {

    private static final Comparator<ShelfIndex.Indexed> ORDER = Comparator.comparing(
            ShelfIndex.Indexed::thing,
            Comparator.comparing((Thing t) -> !t.favourite())
                    .thenComparing(Thing::set, String.CASE_INSENSITIVE_ORDER)
                    .thenComparing(Thing::title, String.CASE_INSENSITIVE_ORDER)
                    .thenComparing(Thing::path));

    private static final String TAKEN_OFF = ".taken-off";

    private final Path folder;
    private List<String> notices = List.of();
    private ShelfIndex index;
    private Map<String, ShelfIndex.Indexed> things = Map.of();
    private List<ShelfIndex.Indexed> inOrder = List.of();

    private Shelf(Path folder, ShelfIndex index) {
        this.folder = folder;
        this.index = index;
    }

    /** Opens the shelf in a folder, which is made where there is none, and takes in what has changed there.
     *
     * @throws Refusal if the folder can't be read */
    public static Shelf open(Path folder) {
        try {
            Files.createDirectories(folder);
            return ShelfLock.during(IndexFile.folder(folder), () -> {
                Shelf shelf = new Shelf(folder, IndexFile.open(folder));
                shelf.takeIn();
                return shelf;
            });
        } catch (IOException | SQLException e) {
            throw new Refusal(Words.of("shelf.notOpened", folder, e.getMessage()), e);
        }
    }

    public Path folder() {
        return folder;
    }

    /** The file of a thing. */
    public Path file(Thing thing) {
        return folder.resolve(thing.path());
    }

    /** What of the shelf could not be read, a sentence each; the rest is there. */
    public synchronized List<String> notices() {
        return List.copyOf(notices);
    }

    /** Takes in what was changed in the folder by others. */
    public synchronized void refresh() {
        locked(() -> null);
    }

    /** A change of the folder, which nobody else changes meanwhile; the index is brought up to it. */
    private <T> T locked(Supplier<T> change) {
        try {
            return ShelfLock.during(IndexFile.folder(folder), () -> {
                T made = change.get();
                takeIn();
                return made;
            });
        } catch (IOException | SQLException e) {
            throw new Refusal(Words.of("shelf.notOpened", folder, e.getMessage()), e);
        }
    }

    private void takeIn() throws IOException, SQLException {
        ShelfScan scan = ShelfScan.of(folder);
        notices = scan.notices();
        try {
            index(scan);
        } catch (SQLException e) {
            org.slf4j.LoggerFactory.getLogger(Shelf.class).warn("the index of {} is made anew", folder, e);
            index.close();
            index = IndexFile.anew(folder);
            index(scan);
        }
    }

    private void index(ShelfScan scan) throws SQLException {
        Map<String, ShelfIndex.Indexed> before = index.all();
        List<Thing> changed = new ArrayList<>();
        List<String> stamps = new ArrayList<>();
        List<Long> gone = new ArrayList<>();
        scan.stamps().forEach((path, stamp) -> {
            ShelfIndex.Indexed was = before.remove(path);
            if (was == null || !was.stamp().equals(stamp)) {
                changed.add(scan.told().getOrDefault(path, Thing.plain(path)));
                stamps.add(stamp);
                if (was != null) {
                    gone.add(was.id());
                }
            }
        });
        before.values().forEach(i -> gone.add(i.id()));
        if (!changed.isEmpty() || !gone.isEmpty()) {
            index.change(changed, stamps, gone);
        }
        things = index.all();
        inOrder = things.values().stream().sorted(ORDER).toList();
    }

    private String within(Path path) {
        return folder.relativize(path).toString().replace('\\', '/');
    }

    /** Favourites first, then by set and title. */
    public synchronized List<Thing> search(ShelfQuery query) {
        try {
            Optional<String> match = query.match();
            Set<Long> matching = match.isPresent() ? new HashSet<>(index.matching(match.get())) : Set.of();
            return inOrder.stream()
                    .filter(i -> match.isEmpty() || matching.contains(i.id()))
                    .map(ShelfIndex.Indexed::thing)
                    .filter(query::admits)
                    .toList();
        } catch (SQLException e) {
            throw new Refusal(Words.of("shelf.notOpened", folder, e.getMessage()), e);
        }
    }

    /** The names of all sets, in order. */
    public synchronized List<String> sets() {
        Set<String> sets = new TreeSet<>();
        things.keySet().forEach(path -> sets.add(Thing.plain(path).set()));
        sets.remove("");
        return List.copyOf(sets);
    }

    /** @throws Refusal if there is no such thing */
    public synchronized Thing thing(String path) {
        return Optional.ofNullable(things.get(path))
                .map(ShelfIndex.Indexed::thing)
                .orElseThrow(() -> Refusal.of("shelf.noThing", path));
    }

    /** Copies a file onto the shelf; a file of the same name that is there stays, and the new one gets a number.
     *
     * @param about what to tell of it; of its path only the set is kept */
    public Thing add(Path file, Thing about) {
        try {
            byte[] bytes = Files.readAllBytes(file);
            return add(file.getFileName().toString(), out -> out.write(bytes), about);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    /** Writes a new file onto the shelf, under a name that is free. */
    public synchronized Thing add(String name, AtomicFile.Content content, Thing about) {
        if (ArtworkKind.ofName(name).isEmpty()) {
            throw Refusal.of("shelf.notArtwork", name);
        }
        return locked(() -> {
            Path set = setFolder(about.set());
            Path file = free(set, name);
            AtomicFile.write(file, Replacing.NOTHING, content);
            Thing thing = about.withPath(within(file));
            tell(thing);
            return thing;
        });
    }

    private Path setFolder(String set) {
        Path target = folder.resolve(set).normalize();
        boolean sound = target.startsWith(folder.normalize())
                && List.of(set.split("/")).stream().noneMatch(part -> part.startsWith("."));
        if (!sound) {
            throw Refusal.of("shelf.badSet", set);
        }
        try {
            return Files.createDirectories(target);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", target, e.getMessage()), e);
        }
    }

    private static Path free(Path set, String name) {
        Path file = set.resolve(name);
        for (int n = 2; Files.exists(file); n++) {
            file = set.resolve(FileName.stem(name) + "-" + n + "." + FileName.extension(name));
        }
        return file;
    }

    /** Tells something else of a thing; where its path names another set, its file is moved there.
     *
     * @param path where the thing is now
     * @return the thing as it is then */
    public synchronized Thing describe(String path, Thing about) {
        Thing now = thing(path);
        return locked(() -> described(now, about));
    }

    private Thing described(Thing now, Thing about) {
        Thing told = about;
        if (!now.set().equals(about.set())) {
            Path target = free(setFolder(about.set()), now.file());
            move(file(now), target);
            forget(now);
            told = about.withPath(within(target));
        }
        tell(told);
        return told;
    }

    /** Takes a thing off the shelf; its file goes to a folder beside the sets, from where it can be fetched back by hand. */
    public synchronized void takeOff(String path) {
        Thing now = thing(path);
        locked(() -> {
            putAway(now);
            return now;
        });
    }

    private void putAway(Thing now) {
        try {
            Path kept = Files.createDirectories(folder.resolve(TAKEN_OFF).resolve(now.set()));
            move(file(now), free(kept, now.file()));
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", folder.resolve(TAKEN_OFF), e.getMessage()), e);
        }
        forget(now);
    }

    private static void move(Path from, Path to) {
        try {
            Files.move(from, to);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", to, e.getMessage()), e);
        }
    }

    private void tell(Thing thing) {
        Path set = folder.resolve(thing.set());
        Map<String, Thing> told = AboutFile.read(set, thing.set());
        told.put(thing.file(), thing);
        AboutFile.write(set, told);
    }

    private void forget(Thing thing) {
        Path set = folder.resolve(thing.set());
        Map<String, Thing> told = AboutFile.read(set, thing.set());
        if (told.remove(thing.file()) != null) {
            AboutFile.write(set, told);
        }
    }

    @Override
    public synchronized void close() {
        try {
            index.close();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
