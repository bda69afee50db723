package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.fonts.FontsAtHand;
import rondel.job.FontChoice;
import rondel.text.FontBook;
import rondel.text.Glyph;
import rondel.text.GlyphCatalogue;
import rondel.words.Refusal;

/** Lists the glyphs of a font. */
@Command(name = "glyphs", mixinStandardHelpOptions = true)
final class GlyphsCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(paramLabel = "FAMILY")
    private String family;

    @Option(names = "--weight", paramLabel = "N", defaultValue = "400")
    private int weight;

    @Option(names = "--italic")
    private boolean italic;

    @Option(names = "--find", paramLabel = "TEXT")
    private String find = "";

    @Option(names = "--json")
    private boolean json;

    GlyphsCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        FontBook book = FontsAtHand.usual().get();
        if (!book.has(family)) {
            throw Refusal.of("cli.noFamily", family);
        }
        FontChoice choice = new FontChoice(family, weight, italic);
        GlyphCatalogue catalogue = new GlyphCatalogue(
                book.nearest(List.of(family), choice).orElseThrow().face());
        List<Glyph> found =
                catalogue.glyphs().stream().filter(g -> g.matches(find)).toList();
        if (json) {
            ArrayNode all = JsonNodeFactory.instance.arrayNode();
            found.forEach(g -> write(all.addObject(), g, catalogue));
            out.println(Json.text(all));
        } else {
            found.forEach(g -> out.println(line(g, catalogue)));
        }
        return 0;
    }

    private static void write(ObjectNode o, Glyph g, GlyphCatalogue catalogue) {
        o.put("glyph", g.number()).put("name", g.name());
        g.codePoint().ifPresent(c -> o.put("character", Character.toString(c)));
        ArrayNode kinds = o.putArray("kinds");
        g.kinds().forEach(k -> kinds.add(word(k)));
        ArrayNode alternates = o.putArray("alternates");
        catalogue.alternates(g.number()).forEach(a -> alternates.add(a.number()));
    }

    private static String line(Glyph g, GlyphCatalogue catalogue) {
        StringBuilder line = new StringBuilder(g.number() + "  " + g.name());
        g.codePoint()
                .ifPresent(c -> line.append(String.format(
                        Locale.ROOT, "  %s U+%04X", Character.isISOControl(c) ? "" : Character.toString(c), c)));
        if (!g.kinds().isEmpty()) {
            line.append("  ").append(g.kinds().stream().map(GlyphsCommand::word).collect(Collectors.joining(", ")));
        }
        List<Glyph> alternates = catalogue.alternates(g.number());
        if (!alternates.isEmpty()) {
            line.append("  -> ")
                    .append(alternates.stream()
                            .map(a -> Integer.toString(a.number()))
                            .collect(Collectors.joining(" ")));
        }
        return line.toString();
    }

    private static String word(Enum<?> kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }
}
