package rondel.formats.shelf;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.formats.artwork.ArtworkKind;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** What is in a shelf's folder: each thing's stamp, by which a change is told, and what is said of it in words. */
final class ShelfScan extends SimpleFileVisitor<Path> {

    private final Path folder;
    private final List<String> notices = new ArrayList<>();
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
        try {
            AboutFile.read(dir, within(dir)).values().forEach(t -> told.put(t.path(), t));
        } catch (Refusal e) {
            notices.add(e.getMessage());
        }
        return FileVisitResult.CONTINUE;
    }

    /** What can't be read is said; the rest of the shelf is there. */
    @Override
    public FileVisitResult visitFileFailed(Path file, IOException failure) {
        notices.add(Words.of("file.notRead", file, failure.getMessage()));
        return FileVisitResult.CONTINUE;
    }

    @Override
    public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
        if (attributes.isRegularFile() && ArtworkKind.ofName(file.toString()).isPresent()) {
            stamps.put(within(file), stamp(attributes) + " " + aboutStamps.getLast());
        }
        return FileVisitResult.CONTINUE;
    }

    @Override
    public FileVisitResult postVisitDirectory(Path dir, IOException failure) {
        aboutStamps.removeLast();
        return FileVisitResult.CONTINUE;
    }

    private ShelfScan(Path folder) {
        this.folder = folder;
    }

    static ShelfScan of(Path folder) throws IOException {
        ShelfScan scan = new ShelfScan(folder);
        Files.walkFileTree(folder, scan);
        return scan;
    }

    /** The stamp of each file, by its path. */
    Map<String, String> stamps() {
        return stamps;
    }

    /** What is told of files, by their paths. */
    Map<String, Thing> told() {
        return told;
    }

    /** What could not be read, a sentence each. */
    List<String> notices() {
        return List.copyOf(notices);
    }

    private String within(Path path) {
        return folder.relativize(path).toString().replace('\\', '/');
    }

    private static String stamp(BasicFileAttributes attributes) {
        return attributes.size() + "@" + attributes.lastModifiedTime() + "#" + attributes.fileKey();
    }
}
