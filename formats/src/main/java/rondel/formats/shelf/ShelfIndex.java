package rondel.formats.shelf;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.job.Provenance;

/** What is on a shelf, in an SQLite database with full-text search (FTS5). It only repeats what the shelf's folder says and
 *  can be made from it again at any time. */
final class ShelfIndex implements AutoCloseable {

    /** Raised when the tables change, so that an older index is made anew. */
    private static final int VERSION = 1;

    private final Connection database;

    /** A file as it was when it was indexed.
     *
     * @param stamp its size and time, and those of what is told of it */
    record Indexed(long id, Thing thing, String stamp) {}

    ShelfIndex(Path file) throws SQLException {
        this("jdbc:sqlite:" + file);
    }

    private ShelfIndex(String url) throws SQLException {
        database = DriverManager.getConnection(url);
        try (Statement s = database.createStatement()) {
            s.execute("PRAGMA journal_mode = WAL");
            s.execute("PRAGMA synchronous = NORMAL");
            s.execute("PRAGMA busy_timeout = 5000");
            if (s.executeQuery("PRAGMA user_version").getInt(1) != VERSION) {
                s.execute("DROP TABLE IF EXISTS thing");
                s.execute("DROP TABLE IF EXISTS wording");
            }
            s.execute("CREATE TABLE IF NOT EXISTS thing (id INTEGER PRIMARY KEY, path TEXT UNIQUE, set_name TEXT,"
                    + " title TEXT, tags TEXT, favourite INTEGER, source TEXT, author TEXT, licence TEXT, stamp TEXT)");
            s.execute("CREATE INDEX IF NOT EXISTS by_set ON thing (set_name, title)");
            s.execute("CREATE VIRTUAL TABLE IF NOT EXISTS wording USING fts5 (title, tags, set_name, source, author,"
                    + " content = '', contentless_delete = 1, prefix = '1 2 3',"
                    + " tokenize = \"unicode61 remove_diacritics 2\")");
            s.execute("PRAGMA user_version = " + VERSION);
        }
    }

    /** An index that is kept nowhere, for a folder that can't be written to. */
    static ShelfIndex inMemory() throws SQLException {
        return new ShelfIndex("jdbc:sqlite::memory:");
    }

    /** Everything indexed, by path. */
    Map<String, Indexed> all() throws SQLException {
        Map<String, Indexed> all = new HashMap<>();
        try (Statement s = database.createStatement();
                ResultSet r = s.executeQuery(
                        "SELECT id, path, title, tags, favourite, source, author, licence, stamp FROM thing")) {
            while (r.next()) {
                Optional<Provenance> provenance = Optional.ofNullable(r.getString(8))
                        .map(l -> new Provenance(text(r, 6), text(r, 7), AboutFile.licence(l)));
                String tags = r.getString(4);
                Thing thing = new Thing(
                        r.getString(2),
                        r.getString(3),
                        tags.isEmpty() ? List.of() : List.of(tags.split("\n")),
                        r.getBoolean(5),
                        provenance);
                all.put(thing.path(), new Indexed(r.getLong(1), thing, r.getString(9)));
            }
        }
        return all;
    }

    private static String text(ResultSet r, int column) {
        try {
            return Optional.ofNullable(r.getString(column)).orElse("");
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Makes the index say this of some things, and nothing of others, in one go.
     *
     * @param stamps of the things, in their order */
    void change(List<Thing> things, List<String> stamps, List<Long> gone) throws SQLException {
        database.setAutoCommit(false);
        try (PreparedStatement drop = database.prepareStatement("DELETE FROM thing WHERE id = ?");
                PreparedStatement forget = database.prepareStatement("DELETE FROM wording WHERE rowid = ?");
                PreparedStatement add = database.prepareStatement(
                        "INSERT INTO thing (path, set_name, title, tags, favourite, source, author, licence, stamp)"
                                + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?) RETURNING id");
                PreparedStatement word = database.prepareStatement(
                        "INSERT INTO wording (rowid, title, tags, set_name, source, author) VALUES (?, ?, ?, ?, ?, ?)")) {
            for (long id : gone) {
                drop.setLong(1, id);
                drop.executeUpdate();
                forget.setLong(1, id);
                forget.executeUpdate();
            }
            for (int i = 0; i < things.size(); i++) {
                insert(things.get(i), stamps.get(i), add, word);
            }
            database.commit();
        } catch (SQLException e) {
            database.rollback();
            throw e;
        } finally {
            database.setAutoCommit(true);
        }
    }

    private static void insert(Thing thing, String stamp, PreparedStatement add, PreparedStatement word)
            throws SQLException {
        String source = thing.provenance().map(Provenance::source).orElse(null);
        String author = thing.provenance().map(Provenance::author).orElse(null);
        add.setString(1, thing.path());
        add.setString(2, thing.set());
        add.setString(3, thing.title());
        add.setString(4, String.join("\n", thing.tags()));
        add.setBoolean(5, thing.favourite());
        add.setString(6, source);
        add.setString(7, author);
        add.setString(
                8, thing.provenance().map(p -> AboutFile.word(p.licence())).orElse(null));
        add.setString(9, stamp);
        try (ResultSet id = add.executeQuery()) {
            word.setLong(1, id.getLong(1));
        }
        word.setString(2, thing.title());
        word.setString(3, String.join(" ", thing.tags()));
        word.setString(4, thing.set());
        word.setString(5, source);
        word.setString(6, author);
        word.executeUpdate();
    }

    /** The ids of the things whose words match.
     *
     * @param match as full-text search takes it */
    List<Long> matching(String match) throws SQLException {
        List<Long> found = new ArrayList<>();
        try (PreparedStatement s = database.prepareStatement("SELECT rowid FROM wording WHERE wording MATCH ?")) {
            s.setString(1, match);
            try (ResultSet r = s.executeQuery()) {
                while (r.next()) {
                    found.add(r.getLong(1));
                }
            }
        }
        return found;
    }

    @Override
    public void close() throws SQLException {
        database.close();
    }
}
