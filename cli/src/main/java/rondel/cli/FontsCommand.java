package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.PrintStream;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.formats.fonts.FontsAtHand;
import rondel.text.FontFace;

/** Lists the font families at hand. */
@Command(name = "fonts", mixinStandardHelpOptions = true)
final class FontsCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "--json")
    private boolean json;

    FontsCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Map<String, List<FontFace>> families = FontsAtHand.usual().get().faces().stream()
                .collect(Collectors.groupingBy(
                        FontFace::family, () -> new TreeMap<>(String.CASE_INSENSITIVE_ORDER), Collectors.toList()));
        if (json) {
            ArrayNode all = JsonNodeFactory.instance.arrayNode();
            families.forEach((family, faces) -> {
                ArrayNode styles = all.addObject().put("family", family).putArray("styles");
                faces.forEach(f -> styles.addObject().put("weight", f.weight()).put("italic", f.italic()));
            });
            out.println(Json.text(all));
        } else {
            families.forEach((family, faces) -> out.println(family + "  " + styles(faces)));
        }
        return 0;
    }

    private static String styles(List<FontFace> faces) {
        return faces.stream()
                .map(f -> f.weight() + (f.italic() ? " italic" : ""))
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
    }
}
