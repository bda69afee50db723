package rondel.formats.names;

import java.util.List;

/** A table as it was read: the names of its columns, and its rows with a cell for each. */
public record NameTable(List<String> columns, List<List<String>> rows) {
    public NameTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }
}
