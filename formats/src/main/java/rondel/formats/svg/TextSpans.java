package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Takes a text element apart into spans: white space as XML's or CSS's rules want it, positions given to characters. */
final class TextSpans {

    private final SvgReading reading;
    private final SvgViewport viewport;
    private final List<TextSpan> spans = new ArrayList<>();
    private boolean afterSpace = true;
    private Positions pending = Positions.NONE;

    /** Lists of positions that an element gives to its characters, one after the other. */
    private record Positions(List<Double> x, List<Double> y, List<Double> dx, List<Double> dy, List<Double> turn) {
        static final Positions NONE = new Positions(List.of(), List.of(), List.of(), List.of(), List.of());

        int longest() {
            return Math.max(Math.max(x.size(), y.size()), Math.max(Math.max(dx.size(), dy.size()), turn.size()));
        }

        static Optional<Double> at(List<Double> list, int i) {
            return i < list.size() ? Optional.of(list.get(i)) : Optional.empty();
        }

        Positions from(int i) {
            return new Positions(
                    rest(x, i), rest(y, i), rest(dx, i), rest(dy, i), turn.size() == 1 ? turn : rest(turn, i));
        }

        private static List<Double> rest(List<Double> list, int i) {
            return i >= list.size() ? List.of() : list.subList(i, list.size());
        }

        /** What an inner element says goes before what the outer one says. */
        Positions under(Positions inner) {
            return new Positions(
                    inner.x.isEmpty() ? x : inner.x,
                    inner.y.isEmpty() ? y : inner.y,
                    inner.dx.isEmpty() ? dx : inner.dx,
                    inner.dy.isEmpty() ? dy : inner.dy,
                    inner.turn.isEmpty() ? turn : inner.turn);
        }
    }

    TextSpans(SvgReading reading, SvgViewport viewport) {
        this.reading = reading;
        this.viewport = viewport;
    }

    List<TextSpan> of(SvgNode text) {
        walk(text, 0);
        while (!spans.isEmpty() && spans.getLast().text().isBlank() && spans.size() > 1) {
            spans.removeLast();
        }
        return spans;
    }

    private void walk(SvgNode node, double shift) {
        pending = pending.under(new Positions(
                lengths(node, "x", viewport.width()),
                lengths(node, "y", viewport.height()),
                lengths(node, "dx", viewport.width()),
                lengths(node, "dy", viewport.height()),
                lengths(node, "rotate", 1)));
        double own = shift + baselineShift(node);
        for (SvgNode child : node.children) {
            if (child.is(SvgNode.TEXT)) {
                text(node, child.text(), own);
            } else if (child.is("tspan") || child.is("a") || child.is("tref")) {
                if (!reading.style(child).get("display", "").equals("none")) {
                    walk(child, own);
                }
            } else if (child.is("textPath")) {
                reading.findings.warn("svg.textOnPath", child.textContent().strip());
                walk(child, own);
            }
        }
    }

    private void text(SvgNode node, String raw, double shift) {
        String text = collapsed(node, raw);
        int i = 0;
        while (i < text.length() && pending.longest() > 1) {
            int next = text.offsetByCodePoints(i, 1);
            span(node, text.substring(i, next), shift);
            i = next;
        }
        if (i < text.length()) {
            span(node, text.substring(i), shift);
        }
    }

    private void span(SvgNode node, String text, double shift) {
        Style style = reading.style(node);
        double tracking = style.get("letter-spacing")
                .filter(s -> !s.equals("normal"))
                .flatMap(s -> SvgLength.px(s, style.fontSize(), style.fontSize()))
                .orElse(0.0);
        spans.add(new TextSpan(
                node,
                style,
                text,
                Positions.at(pending.x(), 0),
                Positions.at(pending.y(), 0),
                Positions.at(pending.dx(), 0).orElse(0.0),
                Positions.at(pending.dy(), 0).orElse(0.0),
                shift,
                Positions.at(pending.turn(), 0).orElse(0.0),
                tracking));
        pending = pending.from(1);
    }

    private String collapsed(SvgNode node, String raw) {
        if (preserved(node)) {
            afterSpace = false;
            return raw.replace('\n', ' ').replace('\r', ' ').replace('\t', ' ');
        }
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < raw.length(); i++) {
            char c = raw.charAt(i);
            boolean space = c == ' ' || c == '\n' || c == '\r' || c == '\t';
            if (!space) {
                out.append(c);
            } else if (!afterSpace) {
                out.append(' ');
            }
            afterSpace = space;
        }
        return out.toString();
    }

    private boolean preserved(SvgNode node) {
        String whiteSpace = reading.style(node).get("white-space", "");
        if (whiteSpace.startsWith("pre")) {
            return true;
        }
        for (Optional<SvgNode> n = Optional.of(node); n.isPresent(); n = n.get().parent) {
            Optional<String> space = n.get().attribute("space");
            if (space.isPresent()) {
                return space.get().equals("preserve");
            }
        }
        return false;
    }

    private double baselineShift(SvgNode node) {
        if (node.is("text")) {
            return 0;
        }
        double em = reading.style(node).fontSize();
        return switch (reading.style(node).get("baseline-shift", "baseline")) {
            case "baseline" -> 0;
            case "sub" -> em * 0.2;
            case "super" -> em * -0.4;
            case String s -> SvgLength.px(s, em, em).map(v -> -v).orElse(0.0);
        };
    }

    private List<Double> lengths(SvgNode node, String attribute, double whole) {
        List<Double> list = new ArrayList<>();
        String text = node.attribute(attribute, "").strip();
        if (text.isEmpty()) {
            return list;
        }
        double em = reading.style(node).fontSize();
        for (String part : text.split("[\\s,]+")) {
            try {
                SvgLength.px(part, whole, em).ifPresent(list::add);
            } catch (Numbers.NotFinite e) {
                throw reading.notFinite(node);
            }
        }
        return list;
    }
}
