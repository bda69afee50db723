package rondel.desktop.app;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;
import rondel.desktop.files.FileChoices;
import rondel.formats.artwork.ArtworkKind;
import rondel.words.Words;

/** The system's file dialogs. */
public record SystemFileChoices(Supplier<Window> owner) implements FileChoices {

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
        return Optional.ofNullable(chooser("files.open", JOBS).showOpenDialog(owner.get()))
                .map(File::toPath);
    }

    @Override
    public Optional<Path> jobToSave(String suggested) {
        return saved(chooser("files.save", JOBS), suggested);
    }

    @Override
    public List<Path> artworkToPlace() {
        List<File> files = chooser("files.place", ARTWORK).showOpenMultipleDialog(owner.get());
        return files == null ? List.of() : files.stream().map(File::toPath).toList();
    }

    @Override
    public List<Path> fontsToAdd() {
        List<File> files = chooser("files.fonts", FONTS).showOpenMultipleDialog(owner.get());
        return files == null ? List.of() : files.stream().map(File::toPath).toList();
    }

    @Override
    public Optional<Path> listToRead() {
        File file = chooser("files.list", LISTS).showOpenDialog(owner.get());
        return Optional.ofNullable(file).map(File::toPath);
    }

    /** A picture of a printed sheet. */
    Optional<Path> scanToRead() {
        File file = chooser("files.scan", PICTURES).showOpenDialog(owner.get());
        return Optional.ofNullable(file).map(File::toPath);
    }

    @Override
    public Optional<Path> exportTarget(String suggested) {
        String ending = "*" + suggested.substring(suggested.lastIndexOf('.'));
        return saved(chooser("files.export", new ExtensionFilter(ending, ending)), suggested);
    }

    /** A folder to put files in. */
    Optional<Path> folder() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(Words.of("files.folder"));
        return Optional.ofNullable(chooser.showDialog(owner.get())).map(File::toPath);
    }

    private Optional<Path> saved(FileChooser chooser, String suggested) {
        chooser.setInitialFileName(suggested);
        return Optional.ofNullable(chooser.showSaveDialog(owner.get())).map(File::toPath);
    }

    private static FileChooser chooser(String title, ExtensionFilter filter) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Words.of(title));
        chooser.getExtensionFilters().add(filter);
        return chooser;
    }
}
