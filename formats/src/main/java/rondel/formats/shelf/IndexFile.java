package rondel.formats.shelf;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;

/** Where a shelf's index is kept: in a hidden folder of the shelf, or in memory where that can't be written to. */
final class IndexFile {

    private static final String FOLDER = ".index";
    private static final String DATABASE = "shelf.sqlite";

    private IndexFile() {}

    /** The folder of the shelf's own files, where it can be made. */
    static Path folder(Path folder) {
        Path own = folder.resolve(FOLDER);
        try {
            return Files.createDirectories(own);
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(IndexFile.class).debug("no index kept in {}", folder, e);
            return own;
        }
    }

    /** An index that is damaged is made anew: it only repeats what the folder says. */
    static ShelfIndex open(Path folder) throws SQLException, IOException {
        try {
            ShelfIndex index = index(folder);
            index.all();
            return index;
        } catch (SQLException | RuntimeException e) {
            org.slf4j.LoggerFactory.getLogger(IndexFile.class).warn("the index of {} is made anew", folder, e);
            return anew(folder);
        }
    }

    static ShelfIndex anew(Path folder) throws SQLException, IOException {
        for (String ending : List.of("", "-wal", "-shm", "-journal")) {
            Files.deleteIfExists(folder.resolve(FOLDER).resolve(DATABASE + ending));
        }
        return index(folder);
    }

    private static ShelfIndex index(Path folder) throws SQLException {
        try {
            Path own = Files.createDirectories(folder.resolve(FOLDER));
            if (Files.isWritable(own)) {
                return new ShelfIndex(own.resolve(DATABASE));
            }
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(IndexFile.class).debug("no index kept in {}", folder, e);
        }
        return ShelfIndex.inMemory();
    }
}
