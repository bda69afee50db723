package rondel.formats.ledger;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import rondel.handoff.ledger.LedgerEntry;
import rondel.words.Words;

/** A ledger as CSV and as JSON. */
public final class LedgerFiles {

    private static final String FORMULA = "=+-@\t\r";

    private LedgerFiles() {}

    /** With a head; cells that a table program could take for formulas begin with an apostrophe. */
    public static String csv(List<LedgerEntry> entries) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(
                    Words.of("ledger.kind"),
                    Words.of("ledger.thing"),
                    Words.of("ledger.maker"),
                    Words.of("ledger.source"),
                    Words.of("ledger.licence"),
                    Words.of("ledger.terms"),
                    Words.of("ledger.sheets"),
                    Words.of("ledger.uses"));
            for (LedgerEntry e : entries) {
                csv.printRecord(
                        Words.of("ledger.kind." + e.kind()),
                        safe(e.thing()),
                        safe(e.maker()),
                        safe(e.source()),
                        Words.of("licence." + e.licence()),
                        safe(e.terms()),
                        safe(String.join("; ", e.sheets())),
                        e.uses());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String safe(String cell) {
        return !cell.isEmpty() && FORMULA.indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    public static ArrayNode json(List<LedgerEntry> entries) {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (LedgerEntry e : entries) {
            var node = all.addObject()
                    .put("kind", e.kind().name().toLowerCase(Locale.ROOT))
                    .put("thing", e.thing())
                    .put("maker", e.maker())
                    .put("source", e.source())
                    .put("licence", e.licence().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("for_sale", e.forSale())
                    .put("terms", e.terms())
                    .put("uses", e.uses());
            e.sheets().forEach(s -> node.withArray("sheets").add(s));
        }
        return all;
    }
}
