package rondel.formats.names;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import rondel.job.NameList;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Reads CSV (RFC 4180) and its relatives: commas, semicolons or tabs, whichever parts the first line into the most columns; quotes; UTF-8 with or
 *  without a mark, UTF-16 with one, else the Latin letters of Windows (a superset of Latin-1). What looks like a formula is kept as text. */
public final class NameTableReader {

    private static final char[] DELIMITERS = {',', ';', '\t'};
    private static final Charset LATIN = Charset.forName("windows-1252");

    /** A list is small: more than this is another kind of file. */
    private static final long LARGEST = 256L << 20;

    private NameTableReader() {}

    /** @throws Refusal if there is no such file, or it is no list */
    public static NameTable read(Path file) {
        if (!Files.isRegularFile(file)) {
            throw Refusal.of("file.notFound", file);
        }
        try {
            if (Files.size(file) > LARGEST) {
                throw Refusal.of("names.binary", file.getFileName());
            }
            return parse(text(Files.readAllBytes(file), file.getFileName().toString()));
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    private static String text(byte[] bytes, String name) {
        if (starts(bytes, 0xfe, 0xff)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        if (starts(bytes, 0xff, 0xfe)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        int from = starts(bytes, 0xef, 0xbb, 0xbf) ? 3 : 0;
        for (int i = from; i < Math.min(bytes.length, 8192); i++) {
            if (bytes[i] == 0) {
                throw Refusal.of("names.binary", name);
            }
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException notUtf8) {
            return new String(bytes, LATIN);
        }
    }

    private static boolean starts(byte[] bytes, int... with) {
        for (int i = 0; i < with.length; i++) {
            if (bytes.length <= i || (bytes[i] & 0xff) != with[i]) {
                return false;
            }
        }
        return true;
    }

    /** @throws Refusal if it has no columns or rows, two columns of one name, too many rows or too long a cell */
    public static NameTable parse(String text) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .get();
        List<String> columns = new ArrayList<>();
        List<List<String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord record : parser) {
                Cancellation.check();
                if (columns.isEmpty()) {
                    columns.addAll(named(record));
                } else {
                    row(record, columns, rows);
                }
            }
        } catch (UncheckedIOException | IOException e) {
            Throwable why = e.getCause() == null ? e : e.getCause();
            throw new Refusal(Words.of("names.unclosed", line(text, rows.size()), why.getMessage()), e);
        }
        if (rows.isEmpty()) {
            throw Refusal.of("names.noText");
        }
        return new NameTable(columns, rows);
    }

    private static int line(String text, int rows) {
        return Math.min(rows + 2, (int) text.lines().count());
    }

    private static List<String> named(CSVRecord record) {
        List<String> names = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < record.size(); i++) {
            String name = record.get(i).strip();
            if (name.isEmpty()) {
                name = Words.of("names.column", String.valueOf(i + 1));
            }
            if (!taken.add(name)) {
                throw Refusal.of("names.twiceColumn", name);
            }
            names.add(name);
        }
        return names;
    }

    /** A row that is shorter is filled up; what is beyond the columns has none to go to. */
    private static void row(CSVRecord record, List<String> columns, List<List<String>> rows) {
        List<String> cells = new ArrayList<>();
        boolean empty = true;
        for (int i = 0; i < columns.size(); i++) {
            String cell = i < record.size() ? record.get(i).strip() : "";
            if (cell.length() > NameList.LONGEST_CELL) {
                throw Refusal.of(
                        "names.longCell",
                        String.valueOf(rows.size() + 1),
                        columns.get(i),
                        String.valueOf(cell.length()),
                        String.valueOf(NameList.LONGEST_CELL));
            }
            empty &= cell.isEmpty();
            cells.add(cell);
        }
        if (empty) {
            return;
        }
        rows.add(cells);
        if (rows.size() > 4 * NameList.MOST_ROWS) {
            throw Refusal.of("names.tooMany", rows.size(), NameList.MOST_ROWS);
        }
    }

    /** Which of the delimiters stands most often in the first line, outside quotes. */
    private static char delimiter(String text) {
        int[] counts = new int[DELIMITERS.length];
        boolean quoted = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '"') {
                quoted = !quoted;
            } else if (!quoted && (c == '\n' || c == '\r')) {
                if (i > 0) {
                    break;
                }
            } else if (!quoted) {
                for (int k = 0; k < DELIMITERS.length; k++) {
                    counts[k] += c == DELIMITERS[k] ? 1 : 0;
                }
            }
        }
        int most = 0;
        for (int k = 1; k < counts.length; k++) {
            most = counts[k] > counts[most] ? k : most;
        }
        return DELIMITERS[most];
    }
}
