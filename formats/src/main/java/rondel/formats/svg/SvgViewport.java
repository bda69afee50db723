package rondel.formats.svg;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;

/** The area that percentages refer to, in user units. */
record SvgViewport(double width, double height) {

    double diagonal() {
        return Math.sqrt((width * width + height * height) / 2);
    }

    /** A viewBox's four numbers, or nothing where it is in error or has no area.
     *
     * @throws Numbers.NotFinite if a number overflows or says it is none */
    static Optional<Box> viewBox(SvgNode node) {
        Optional<String> text = node.attribute("viewBox");
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (Arrays.stream(text.get().split("[\\s,;]+")).anyMatch(NotANumber::startsWith)) {
            throw new Numbers.NotFinite(text.get());
        }
        Numbers in = new Numbers(text.get().replace(';', ' '));
        List<Double> v = new ArrayList<>();
        try {
            while (!in.atEnd() && v.size() < 4) {
                v.add(in.next());
            }
        } catch (Numbers.NotFinite e) {
            throw e;
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
        return v.size() == 4 && v.get(2) > 0 && v.get(3) > 0
                ? Optional.of(new Box(v.get(0), v.get(1), v.get(2), v.get(3)))
                : Optional.empty();
    }

    /** From a viewBox to the area {@code into}, as preserveAspectRatio says (SVG 2, 8.6). */
    static Affine fit(Box viewBox, Box into, String preserveAspectRatio) {
        double sx = into.width() / viewBox.width();
        double sy = into.height() / viewBox.height();
        String[] words = preserveAspectRatio.strip().split("\\s+");
        String align = words[0].equals("defer") && words.length > 1 ? words[1] : words[0];
        if (align.equals("none")) {
            return new Affine(sx, 0, 0, sy, into.x() - viewBox.x() * sx, into.y() - viewBox.y() * sy);
        }
        boolean slice = words[words.length - 1].equals("slice");
        double scale = slice ? Math.max(sx, sy) : Math.min(sx, sy);
        double across = align.startsWith("xMin") ? 0 : align.startsWith("xMax") ? 1 : 0.5;
        double down = align.endsWith("YMin") ? 0 : align.endsWith("YMax") ? 1 : 0.5;
        return new Affine(
                scale,
                0,
                0,
                scale,
                into.x() - viewBox.x() * scale + across * (into.width() - viewBox.width() * scale),
                into.y() - viewBox.y() * scale + down * (into.height() - viewBox.height() * scale));
    }
}
