package rondel.formats.svg;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a person would call an element: its label, its title, or its id where somebody chose it. */
final class Names {

    private static final Pattern AUTOMATIC = Pattern.compile(
            "(?i)(path|rect|circle|ellipse|line|polyline|polygon|g|svg|use|image|text|tspan|layer|group|shape|id|xmlid|_)[-_]?[0-9_-]*([-_][0-9]+)*_?");
    private static final Pattern ESCAPED = Pattern.compile("_x([0-9A-Fa-f]{2,5})_");

    private Names() {}

    static boolean automatic(String id) {
        return AUTOMATIC.matcher(id).matches();
    }

    static String of(SvgNode node) {
        Optional<String> label = node.attribute("label").filter(l -> !l.isBlank());
        if (label.isPresent()) {
            return label.get().strip();
        }
        Optional<String> title = node.children.stream()
                .filter(c -> c.is("title"))
                .map(c -> c.textContent().strip())
                .filter(t -> !t.isEmpty())
                .findFirst();
        return title.or(() -> node.attribute("data-name"))
                .or(() -> node.attribute("id").map(Names::unescaped).filter(id -> !automatic(id)))
                .orElse("");
    }

    private static String unescaped(String id) {
        Matcher m = ESCAPED.matcher(id);
        return m.replaceAll(r -> Matcher.quoteReplacement(Character.toString(Integer.parseInt(r.group(1), 16))));
    }
}
