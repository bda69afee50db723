package rondel.formats.shelf;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import rondel.formats.artwork.ArtworkKind;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.FileName;
import rondel.progress.Cancellation;
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

    private static final String INDEX = ".index";
    private static final String TAKEN_OFF = ".taken-off";

    private final Path folder;
    private final ShelfIndex index;
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
            Shelf shelf = new Shelf(folder, index(folder));
            shelf.refresh();
            return shelf;
        } catch (IOException | SQLException e) {
            throw new Refusal(Words.of("shelf.notOpened", folder, e.getMessage()), e);
        }
    }

    private static ShelfIndex index(Path folder) throws SQLException {
        try {
            Path own = Files.createDirectories(folder.resolve(INDEX));
            if (Files.isWritable(own)) {
                return new ShelfIndex(own.resolve("shelf.sqlite"));
            }
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(Shelf.class).debug("no index kept in {}", folder, e);
        }
        return ShelfIndex.inMemory();
    }

    public Path folder() {
        return folder;
    }

    /** The file of a thing. */
    public Path file(Thing thing) {
        return folder.resolve(thing.path());
    }

    /** Takes in what was changed in the folder by others. */
    public synchronized void refresh() {
        try {
            Scan scan = new Scan();
            Files.walkFileTree(folder, scan);
            Map<String, ShelfIndex.Indexed> before = index.all();
            List<Thing> changed = new ArrayList<>();
            List<String> stamps = new ArrayList<>();
            List<Long> gone = new ArrayList<>();
            scan.stamps.forEach((path, stamp) -> {
                ShelfIndex.Indexed was = before.remove(path);
                if (was == null || !was.stamp().equals(stamp)) {
                    changed.add(scan.told.getOrDefault(path, Thing.plain(path)));
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
        } catch (IOException | SQLException e) {
            throw new Refusal(Words.of("shelf.notOpened", folder, e.getMessage()), e);
        }
    }

    /** What is in the folder: each thing's stamp, and what is told of it. */
    private final class Scan extends SimpleFileVisitor<Path> {
        private final Map<String, String> stamps = new HashMap<>();
        private final Map<String, Thing> told = new HashMap<>();
        private final List<String> aboutStamps = new ArrayList<>();

        @Override
        public FileVisitResult preVisitDirectory(Path dir, BasicFileAttributes attributes) throws IOException {
            Cancellation.check();
            if (!dir.equals(folder) && dir.getFileName().toString().startsWith(".")) {
                return FileVisitResult.SKIP_SUBTREE;
            }
            Path about = dir.resolve(AboutFile.NAME);
            aboutStamps.add(Files.exists(about) ? stamp(Files.readAttributes(about, BasicFileAttributes.class)) : "");
            AboutFile.read(dir, within(dir)).values().forEach(t -> told.put(t.path(), t));
            return FileVisitResult.CONTINUE;
        }

        @Override
        public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
            if (attributes.isRegularFile()
                    && ArtworkKind.ofName(file.toString()).isPresent()) {
                stamps.put(within(file), stamp(attributes) + " " + aboutStamps.getLast());
            }
            return FileVisitResult.CONTINUE;
        }

        @Override
        public FileVisitResult postVisitDirectory(Path dir, IOException failure) {
            aboutStamps.removeLast();
            return FileVisitResult.CONTINUE;
        }
    }

    private String within(Path path) {
        return folder.relativize(path).toString().replace('\\', '/');
    }

    private static String stamp(BasicFileAttributes attributes) {
        return attributes.size() + "@" + attributes.lastModifiedTime() + "#" + attributes.fileKey();
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
        Path set = setFolder(about.set());
        Path file = free(set, name);
        AtomicFile.write(file, content);
        Thing thing = about.withPath(within(file));
        tell(thing);
        refresh();
        return thing;
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
        Thing told = about;
        if (!now.set().equals(about.set())) {
            Path target = free(setFolder(about.set()), now.file());
            move(file(now), target);
            forget(now);
            told = about.withPath(within(target));
        }
        tell(told);
        refresh();
        return told;
    }

    /** Takes a thing off the shelf; its file goes to a folder beside the sets, from where it can be fetched back by hand. */
    public synchronized void takeOff(String path) {
        Thing now = thing(path);
        try {
            Path kept = Files.createDirectories(folder.resolve(TAKEN_OFF).resolve(now.set()));
            move(file(now), free(kept, now.file()));
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", folder.resolve(TAKEN_OFF), e.getMessage()), e);
        }
        forget(now);
        refresh();
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
