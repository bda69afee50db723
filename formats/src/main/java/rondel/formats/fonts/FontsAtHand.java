package rondel.formats.fonts;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.FileName;
import rondel.formats.files.OwnFolders;
import rondel.text.FontBook;
import rondel.text.FontFace;
import rondel.words.Refusal;
import rondel.words.Words;

/** The shipped fonts, those that the person has added as files, which are kept in a folder, and the system's. Read when text first needs
 *  them. Safe on any thread. */
public final class FontsAtHand implements Supplier<FontBook> {

    private static final Logger LOG = LoggerFactory.getLogger(FontsAtHand.class);
    private static final Set<String> ENDINGS = Set.of("ttf", "otf");
    private static final String MARKS = "marks.json";
    private static final long LARGEST = 64L << 20;

    private final Path folder;
    private final Supplier<List<FontFace>> system;
    private final FontTrials trials;
    private final Supplier<FontBook> shipped = new ShippedFonts();
    private FontBook book;
    private Map<FontFace, FontFamily.Source> sources = Map.of();
    private List<FontFamily> families = List.of();

    /** The shipped fonts and those in a folder, without the system's. */
    public FontsAtHand(Path folder) {
        this(folder, List::of, trials(folder));
    }

    FontsAtHand(Path folder, Supplier<List<FontFace>> system, FontTrials trials) {
        this.folder = folder;
        this.trials = trials;
        this.system = system;
    }

    public static FontsAtHand usual() {
        Path own = OwnFolders.fonts();
        return new FontsAtHand(own, SystemFonts.usual(trials(own)), trials(own));
    }

    private static FontTrials trials(Path folder) {
        return FontTrials.usual(folder.resolve("trials.json"));
    }

    @Override
    public synchronized FontBook get() {
        if (book == null) {
            List<FontFace> faces = new ArrayList<>(shipped.get().faces());
            int own = faces.size();
            trials.sound(added()).forEach(file -> read(file, faces));
            int added = faces.size();
            faces.addAll(system.get());
            book = new FontBook(faces, shipped.get().generic());
            sources = new IdentityHashMap<>();
            for (int i = 0; i < faces.size(); i++) {
                sources.put(
                        faces.get(i),
                        i < own
                                ? FontFamily.Source.SHIPPED
                                : i < added ? FontFamily.Source.ADDED : FontFamily.Source.SYSTEM);
            }
            families = List.of();
        }
        return book;
    }

    /** Every family at hand, by name. Their tables are read for it, which setting text does not need. */
    public synchronized List<FontFamily> families() {
        FontBook all = get();
        if (families.isEmpty()) {
            families = FontFamily.of(all.faces(), sources::get);
        }
        return families;
    }

    /** The families that the person likes or has used last. */
    public synchronized FontMarks marks() {
        return FontMarks.read(folder.resolve(MARKS));
    }

    public synchronized void mark(FontMarks marks) {
        marks.write(folder.resolve(MARKS));
    }

    private List<Path> added() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> ENDINGS.contains(FileName.extension(f.toString())))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", folder, e.getMessage()), e);
        }
    }

    /** A file that has gone bad since it was added must not keep all text from being set. */
    private static void read(Path file, List<FontFace> faces) {
        try {
            faces.add(new FontFace(bytes(file), file.toString()));
        } catch (Refusal e) {
            LOG.warn("left out: {}", e.getMessage());
        }
    }

    /** Keeps a copy of a font file, so that it is at hand from now on.
     *
     * @throws Refusal if it is no font, would do harm, or can't be kept; nothing has changed then */
    public synchronized FontFace add(Path file) {
        if (!ENDINGS.contains(FileName.extension(file.toString()))) {
            throw Refusal.of("font.unreadable", file);
        }
        byte[] bytes = bytes(file);
        if (!trials.isSound(file)) {
            throw Refusal.of("font.harmful", file);
        }
        FontFace face = new FontFace(bytes, file.toString());
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", folder, e.getMessage()), e);
        }
        AtomicFile.write(folder.resolve(file.getFileName().toString()), out -> out.write(bytes));
        book = null;
        return face;
    }

    private static byte[] bytes(Path file) {
        try {
            if (Files.size(file) > LARGEST) {
                throw Refusal.of("file.tooLarge", file);
            }
            return Files.readAllBytes(file);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }
}
