package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Point;

/** The transform attribute (CSS Transforms 1, 8), and its CSS twin with units of px and deg. */
final class TransformData {

    private TransformData() {}

    /** The map, or nothing where the text is in error.
     *
     * @throws Numbers.NotFinite if a number overflows or says it is none */
    static Optional<Affine> parse(String text) {
        Affine all = Affine.IDENTITY;
        int at = 0;
        while (at < text.length()) {
            int open = text.indexOf('(', at);
            int close = text.indexOf(')', Math.max(at, open));
            if (open < 0 || close < 0) {
                return text.substring(at).replace(',', ' ').isBlank()
                                || text.strip().equals("none")
                        ? Optional.of(all)
                        : Optional.empty();
            }
            String name = text.substring(at, open).replace(',', ' ').strip();
            Optional<Affine> one = one(name, numbers(text.substring(open + 1, close)));
            if (one.isEmpty()) {
                return Optional.empty();
            }
            all = all.times(one.get());
            at = close + 1;
        }
        return Optional.of(all);
    }

    private static List<Double> numbers(String list) {
        Numbers in = new Numbers(list);
        List<Double> values = new ArrayList<>(6);
        while (!in.atEnd()) {
            if (NotANumber.startsWith(in.ahead())) {
                throw new Numbers.NotFinite(in.rest());
            }
            if (in.startsNumber() || in.peek() == ',') {
                try {
                    values.add(in.next());
                } catch (Numbers.NotFinite e) {
                    throw e;
                } catch (NumberFormatException e) {
                    return List.of();
                }
            } else {
                in.take();
            }
        }
        return values;
    }

    private static Optional<Affine> one(String name, List<Double> v) {
        int n = v.size();
        return switch (name) {
            case "matrix" ->
                n == 6
                        ? Optional.of(new Affine(v.get(0), v.get(1), v.get(2), v.get(3), v.get(4), v.get(5)))
                        : Optional.empty();
            case "translate" ->
                n >= 1 ? Optional.of(Affine.translate(v.get(0), n > 1 ? v.get(1) : 0)) : Optional.empty();
            case "translateX" -> n == 1 ? Optional.of(Affine.translate(v.get(0), 0)) : Optional.empty();
            case "translateY" -> n == 1 ? Optional.of(Affine.translate(0, v.get(0))) : Optional.empty();
            case "scale" ->
                n >= 1 ? Optional.of(Affine.scale(v.get(0), n > 1 ? v.get(1) : v.get(0))) : Optional.empty();
            case "scaleX" -> n == 1 ? Optional.of(Affine.scale(v.get(0), 1)) : Optional.empty();
            case "scaleY" -> n == 1 ? Optional.of(Affine.scale(1, v.get(0))) : Optional.empty();
            case "rotate" ->
                switch (n) {
                    case 1 -> Optional.of(Affine.rotate(v.get(0)));
                    case 3 -> Optional.of(Affine.rotate(v.get(0), new Point(v.get(1), v.get(2))));
                    default -> Optional.empty();
                };
            case "skewX" ->
                n == 1 ? Optional.of(new Affine(1, 0, Math.tan(Math.toRadians(v.get(0))), 1, 0, 0)) : Optional.empty();
            case "skewY" ->
                n == 1 ? Optional.of(new Affine(1, Math.tan(Math.toRadians(v.get(0))), 0, 1, 0, 0)) : Optional.empty();
            default -> Optional.empty();
        };
    }
}
