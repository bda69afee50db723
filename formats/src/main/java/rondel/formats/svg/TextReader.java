package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Lettering;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.text.FontBook;
import rondel.text.TextOutline;

/** SVG text to live text: one element for each stretch of one style at one place. */
final class TextReader {

    private final SvgReading reading;
    private final PaintReader paints;

    TextReader(SvgReading reading, PaintReader paints) {
        this.reading = reading;
        this.paints = paints;
    }

    Optional<Element> read(SvgNode node, SvgViewport viewport) {
        List<TextSpan> spans = new TextSpans(reading, viewport).of(node);
        List<Element> made = new ArrayList<>();
        double x = 0;
        double y = 0;
        int i = 0;
        while (i < spans.size()) {
            int end = i + 1;
            while (end < spans.size() && !spans.get(end).startsChunk()) {
                end++;
            }
            List<TextSpan> chunk = spans.subList(i, end);
            x = chunk.getFirst().x().orElse(x);
            y = chunk.getFirst().y().orElse(y);
            List<Placed> placed = new ArrayList<>();
            double pen = 0;
            double rise = 0;
            for (TextSpan span : chunk) {
                pen += span.dx();
                rise += span.dy();
                TextOutline.Line line = shaped(span);
                placed.add(new Placed(span, line, pen, rise + span.shift()));
                pen += line.advance();
            }
            double start =
                    switch (chunk.getFirst().style().get("text-anchor", "start")) {
                        case "middle" -> -pen / 2;
                        case "end" -> -pen;
                        default -> 0;
                    };
            for (Placed p : placed) {
                element(p, x + start, y, viewport).ifPresent(made::add);
            }
            x += start + pen;
            y += rise;
            i = end;
        }
        return switch (made.size()) {
            case 0 -> Optional.empty();
            case 1 -> Optional.of(made.getFirst());
            default -> Optional.of(GroupElement.of(Traits.named(""), made));
        };
    }

    private record Placed(TextSpan span, TextOutline.Line line, double x, double y) {}

    private Optional<Element> element(Placed p, double x, double y, SvgViewport viewport) {
        if (p.line.outline().isEmpty()) {
            return Optional.empty();
        }
        Style style = p.span.style();
        Affine place = Affine.translate(x + p.x, y + p.y).times(Affine.rotate(p.span.turn()));
        boolean invisible = List.of("hidden", "collapse").contains(style.get("visibility", "visible"));
        return Optional.of(new TextElement(
                Traits.named("").withPlacement(place).withHidden(invisible),
                Lettering.plain(p.span.text(), choice(style), style.fontSize()).withTracking(p.span.tracking()),
                p.line.outline(),
                paints.fill(style, p.line.outline().bounds(), viewport),
                paints.stroke(p.span.node(), style, p.line.outline().bounds(), viewport)));
    }

    private TextOutline.Line shaped(TextSpan span) {
        List<String> families = families(span.style());
        Optional<FontBook.Match> match = reading.fonts.get().nearest(families, choice(span.style()));
        if (match.isEmpty()) {
            reading.findings.warn("svg.noFont", span.text());
            return new TextOutline.Line(rondel.geometry.Outline.EMPTY, 0);
        }
        if (!match.get().exact()) {
            reading.findings.warn(
                    "svg.otherFont", families.getFirst(), match.get().face().family());
        }
        return TextOutline.line(
                match.get().face(), span.text(), span.style().fontSize(), span.tracking(), TextAlign.START);
    }

    private static List<String> families(Style style) {
        List<String> families = new ArrayList<>();
        for (String f : style.get("font-family", "sans-serif").split(",")) {
            String name = f.strip().replaceAll("^['\"]|['\"]$", "");
            if (!name.isEmpty()) {
                families.add(name);
            }
        }
        return families.isEmpty() ? List.of("sans-serif") : families;
    }

    private static FontChoice choice(Style style) {
        int weight = weight(style.get("font-weight", "normal").toLowerCase(Locale.ROOT));
        String slope = style.get("font-style", "normal");
        boolean italic = slope.startsWith("italic") || slope.startsWith("oblique");
        return new FontChoice(families(style).getFirst(), weight, italic);
    }

    private static int weight(String word) {
        return switch (word) {
            case "bold", "bolder" -> 700;
            case "lighter" -> 300;
            default -> word.matches("[1-9]\\d{0,3}") ? Integer.parseInt(word) : 400;
        };
    }
}
