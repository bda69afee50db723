package rondel.desktop.app;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;
import rondel.desktop.desk.Preferred;
import rondel.desktop.files.FileChoices;
import rondel.formats.artwork.ArtworkKind;
import rondel.words.Words;

/** The system's file dialogs. Each begins in the folder that is preferred for what it is about, else in the one it was last used in. */
public final class SystemFileChoices implements FileChoices {

    private final Supplier<Window> owner;
    private final Preferred preferred;
    private final Map<String, Path> last = new HashMap<>();

    public SystemFileChoices(Supplier<Window> owner) {
        this(owner, Preferred.usual());
    }

    public SystemFileChoices(Supplier<Window> owner, Preferred preferred) {
        this.owner = owner;
        this.preferred = preferred;
    }

    private static final ExtensionFilter JOBS = new ExtensionFilter(Words.of("files.jobs"), "*.rondel");
    private static final ExtensionFilter LISTS =
            new ExtensionFilter(Words.of("files.listKinds"), "*.csv", "*.tsv", "*.txt", "*.CSV", "*.TSV", "*.TXT");
    private static final ExtensionFilter PICTURES =
            new ExtensionFilter(Words.of("files.pictures"), "*.png", "*.jpg", "*.jpeg", "*.PNG", "*.JPG", "*.JPEG");
    private static final ExtensionFilter FONTS =
            new ExtensionFilter(Words.of("files.fontKinds"), "*.ttf", "*.otf", "*.TTF", "*.OTF");
    private static final ExtensionFilter ARTWORK = new ExtensionFilter(
            Words.of("files.artwork"),
            ArtworkKind.allEndings()
                    .flatMap(e -> Stream.of(e, e.toUpperCase(Locale.ROOT)))
                    .map(e -> "*." + e)
                    .toList());

    @Override
    public Optional<Path> jobToOpen() {
        return one("jobs", chooser("jobs", "files.open", JOBS));
    }

    @Override
    public Optional<Path> jobToSave(String suggested) {
        return saved("jobs", chooser("jobs", "files.save", JOBS), suggested);
    }

    @Override
    public List<Path> artworkToPlace() {
        return several("artwork", chooser("artwork", "files.place", ARTWORK));
    }

    @Override
    public List<Path> fontsToAdd() {
        return several("fonts", chooser("fonts", "files.fonts", FONTS));
    }

    @Override
    public Optional<Path> listToRead() {
        return one("lists", chooser("lists", "files.list", LISTS));
    }

    /** A picture of a printed sheet. */
    Optional<Path> scanToRead() {
        return one("artwork", chooser("artwork", "files.scan", PICTURES));
    }

    @Override
    public Optional<Path> exportTarget(String suggested) {
        String ending = "*" + suggested.substring(suggested.lastIndexOf('.'));
        return saved("exports", chooser("exports", "files.export", new ExtensionFilter(ending, ending)), suggested);
    }

    /** A folder to put files in. */
    Optional<Path> folder() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(Words.of("files.folder"));
        beginning("exports").ifPresent(chooser::setInitialDirectory);
        Optional<Path> chosen =
                Optional.ofNullable(chooser.showDialog(owner.get())).map(File::toPath);
        chosen.ifPresent(f -> last.put("exports", f));
        return chosen;
    }

    private Optional<Path> saved(String about, FileChooser chooser, String suggested) {
        chooser.setInitialFileName(suggested);
        return used(about, chooser.showSaveDialog(owner.get()));
    }

    private Optional<Path> one(String about, FileChooser chooser) {
        return used(about, chooser.showOpenDialog(owner.get()));
    }

    private List<Path> several(String about, FileChooser chooser) {
        List<File> files = chooser.showOpenMultipleDialog(owner.get());
        if (files == null) {
            return List.of();
        }
        files.stream().findFirst().ifPresent(f -> used(about, f));
        return files.stream().map(File::toPath).toList();
    }

    private Optional<Path> used(String about, File file) {
        Optional<Path> chosen = Optional.ofNullable(file).map(File::toPath);
        chosen.map(Path::getParent).ifPresent(f -> last.put(about, f));
        return chosen;
    }

    /** Where a dialog begins; nothing where the folder is no longer there. */
    private Optional<File> beginning(String about) {
        return preferred
                .now()
                .folder(about)
                .map(Path::of)
                .or(() -> Optional.ofNullable(last.get(about)))
                .filter(Files::isDirectory)
                .map(Path::toFile);
    }

    private FileChooser chooser(String about, String title, ExtensionFilter filter) {
        FileChooser chooser = new FileChooser();
        beginning(about).ifPresent(chooser::setInitialDirectory);
        chooser.setTitle(Words.of(title));
        chooser.getExtensionFilters().add(filter);
        return chooser;
    }
}
