package rondel.job;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.words.Refusal;

/** A table whose rows are filled into a design, one after the other: names, places, prices, pictures.
 *
 * @param template what is filled in
 * @param source the file it was read from, so that it can be read again; nothing for one that was pasted
 * @param columns their names
 * @param blanks what is filled in from which column
 * @param count the column that says how many of each row are wanted; nothing for one of each
 * @param rows in their order */
public record NameList(
        NameListId id,
        String name,
        Design template,
        Optional<String> source,
        List<String> columns,
        List<Blank> blanks,
        Optional<String> count,
        List<Row> rows) {

    /** The most rows of a list: more than one person can look through, and few enough for every machine. */
    public static final int MOST_ROWS = 50_000;

    /** The longest text of one cell, in characters. */
    public static final int LONGEST_CELL = 2_000;

    /** @throws Refusal if there are more rows than can be made, or a cell is longer than can be set */
    public NameList {
        columns = List.copyOf(columns);
        blanks = List.copyOf(blanks);
        rows = List.copyOf(rows);
        if (rows.size() > MOST_ROWS) {
            throw Refusal.of("names.tooMany", rows.size(), MOST_ROWS);
        }
    }

    /** What is filled in from a column.
     *
     * @param element a text or a window in the template
     * @param room how wide a text may be, in mm; nothing for as wide as the template's own
     * @param smallest how small a text may become to fit, in mm of its em */
    public record Blank(
            String column,
            ElementId element,
            OptionalDouble room,
            @Mm @LeftOut("2") double smallest) {

        /** About 6 points, the smallest that is read with ease. */
        public static final double USUAL_SMALLEST = 2;
    }

    /** A row.
     *
     * @param cells one for each column
     * @param leftOut whether it is not made
     * @param texts as they were set
     * @param pictures as they were found */
    public record Row(
            List<String> cells,
            @LeftOut("false") boolean leftOut,
            @LeftOut("[]") List<FilledText> texts,
            @LeftOut("[]") List<FilledPicture> pictures) {
        public Row {
            cells = List.copyOf(cells);
            texts = List.copyOf(texts);
            pictures = List.copyOf(pictures);
        }

        public static Row of(List<String> cells) {
            return new Row(cells, false, List.of(), List.of());
        }

        public Row withCells(List<String> other) {
            return new Row(other, leftOut, texts, pictures);
        }

        public Row withLeftOut(boolean other) {
            return new Row(cells, other, texts, pictures);
        }

        public Row withFilled(List<FilledText> t, List<FilledPicture> p) {
            return new Row(cells, leftOut, t, p);
        }
    }

    /** A text that was set for a row.
     *
     * @param how what had to be done for it to fit
     * @param missing letters that the font lacks */
    public record FilledText(
            ElementId element,
            Lettering lettering,
            Outline outline,
            Fitted how,
            @LeftOut("") String missing) {}

    /** A picture for a window.
     *
     * @param media nothing where the file was not there */
    public record FilledPicture(ElementId element, String file, Optional<MediaId> media) {}

    /** What had to be done for a text to fit. */
    public enum Fitted {
        AS_IT_IS,
        SMALLER,
        TWO_LINES,
        /** It is wider than its room even so. */
        TOO_WIDE
    }

    public NameList withId(NameListId other) {
        return new NameList(other, name, template, source, columns, blanks, count, rows);
    }

    public NameList withRows(List<Row> other) {
        return new NameList(id, name, template, source, columns, blanks, count, other);
    }

    public NameList withTable(List<String> newColumns, List<Row> newRows) {
        return new NameList(id, name, template, source, newColumns, blanks, count, newRows);
    }

    /** The number of a column.
     *
     * @throws Refusal if there is none of that name */
    public int column(String wanted) {
        int at = columns.indexOf(wanted);
        if (at < 0) {
            throw Refusal.of("names.noColumn", wanted, String.join(", ", columns));
        }
        return at;
    }
}
