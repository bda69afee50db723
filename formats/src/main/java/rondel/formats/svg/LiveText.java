package rondel.formats.svg;

import java.util.List;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.TextAlign;

/** Lettering as SVG text (SVG 1.1, 10), for programs that have its font. */
final class LiveText {

    /** Parts of a mm that a place is kept to. */
    private static final double FINE = 1e6;

    private LiveText() {}

    /** Whether SVG sets it as it is set here: along a line, no letter standing otherwise. */
    static boolean sets(Lettering l) {
        return l.path().isEmpty() && l.letters().isEmpty();
    }

    static void attributes(XmlText xml, Lettering l) {
        FontChoice font = l.font();
        xml.attribute("font-family", "'" + font.family().replace("'", "") + "'")
                .attribute("font-size", NumberText.exact(l.size()))
                .attribute("font-weight", Integer.toString(font.weight()));
        if (font.italic()) {
            xml.attribute("font-style", "italic");
        }
        if (l.align() != TextAlign.START) {
            xml.attribute("text-anchor", l.align() == TextAlign.MIDDLE ? "middle" : "end");
        }
        if (l.tracking() != 0) {
            xml.attribute("letter-spacing", NumberText.exact(l.tracking()));
        }
        if (!l.features().isEmpty()) {
            xml.attribute("style", "font-feature-settings:" + String.join(",", features(l.features())));
        }
        xml.attribute("xml:space", "preserve");
    }

    /** From HarfBuzz's words for features to those of CSS (CSS Fonts 3, 6.12). */
    private static List<String> features(List<String> all) {
        return all.stream()
                .map(f -> {
                    String name = f.replaceAll("^[-+]|=.*$", "");
                    String value = f.startsWith("-") ? "0" : f.contains("=") ? f.substring(f.indexOf('=') + 1) : "1";
                    return "'" + name + "' " + value;
                })
                .toList();
    }

    static void lines(XmlText xml, Lettering l) {
        String[] lines = l.content().split("\n", -1);
        for (int i = 0; i < lines.length; i++) {
            double y = Math.rint(i * l.lineSpacing() * l.size() * FINE) / FINE;
            // Without blanks between them: those would count for where a centred line stands.
            xml.inline("tspan", "0", NumberText.exact(y), lines[i]);
        }
    }
}
