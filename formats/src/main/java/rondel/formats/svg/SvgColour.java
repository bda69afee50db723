package rondel.formats.svg;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rondel.job.Rgba;

/** Colours as CSS Color 4 writes them: names, hex of 3, 4, 6 or 8 digits, rgb(), rgba(), hsl(), hsla(). */
final class SvgColour {

    private static final Map<String, Rgba> NAMES = names();

    private SvgColour() {}

    static Optional<Rgba> parse(String text, Rgba current) {
        String t = text.strip().toLowerCase(Locale.ROOT);
        if (t.startsWith("#")) {
            return hex(t.substring(1));
        }
        if (t.equals("currentcolor")) {
            return Optional.of(current);
        }
        if (t.equals("transparent")) {
            return Optional.of(new Rgba(0, 0, 0, 0));
        }
        int open = t.indexOf('(');
        int close = t.indexOf(')');
        if (open > 0 && close > open) {
            return function(t.substring(0, open), t.substring(open + 1, close));
        }
        int space = t.indexOf(' ');
        return Optional.ofNullable(NAMES.get(space < 0 ? t : t.substring(0, space)));
    }

    private static Optional<Rgba> hex(String given) {
        int space = given.indexOf(' ');
        String digits = space < 0 ? given : given.substring(0, space);
        if (!digits.chars().allMatch(c -> Character.digit(c, 16) >= 0)) {
            return Optional.empty();
        }
        int[] d = digits.chars().map(c -> Character.digit(c, 16)).toArray();
        return switch (d.length) {
            case 3 -> Optional.of(new Rgba(d[0] * 17, d[1] * 17, d[2] * 17, 255));
            case 4 -> Optional.of(new Rgba(d[0] * 17, d[1] * 17, d[2] * 17, d[3] * 17));
            case 6 -> Optional.of(new Rgba(d[0] * 16 + d[1], d[2] * 16 + d[3], d[4] * 16 + d[5], 255));
            case 8 -> Optional.of(new Rgba(d[0] * 16 + d[1], d[2] * 16 + d[3], d[4] * 16 + d[5], d[6] * 16 + d[7]));
            default -> Optional.empty();
        };
    }

    private static Optional<Rgba> function(String name, String arguments) {
        List<String> parts = Stream.of(arguments.replace('/', ' ').strip().split("[\\s,]+"))
                .filter(s -> !s.isEmpty())
                .toList();
        try {
            int alpha = parts.size() > 3 ? clamp(part(parts.get(3), 1) * 255) : 255;
            return switch (name) {
                case "rgb", "rgba" ->
                    Optional.of(new Rgba(
                            clamp(part(parts.get(0), 255)),
                            clamp(part(parts.get(1), 255)),
                            clamp(part(parts.get(2), 255)),
                            alpha));
                case "hsl", "hsla" ->
                    Optional.of(hsl(
                            Double.parseDouble(parts.get(0).replace("deg", "")),
                            part(parts.get(1), 1),
                            part(parts.get(2), 1),
                            alpha));
                default -> Optional.empty();
            };
        } catch (NumberFormatException | IndexOutOfBoundsException e) {
            return Optional.empty();
        }
    }

    private static double part(String text, double whole) {
        return text.endsWith("%")
                ? Double.parseDouble(text.substring(0, text.length() - 1)) / 100 * whole
                : Double.parseDouble(text);
    }

    private static int clamp(double v) {
        return (int) Math.round(Math.min(255, Math.max(0, v)));
    }

    private static Rgba hsl(double degrees, double saturation, double lightness, int alpha) {
        double a = saturation * Math.min(lightness, 1 - lightness);
        int[] rgb = new int[3];
        int[] offsets = {0, 8, 4};
        for (int i = 0; i < 3; i++) {
            double k = ((offsets[i] + degrees / 30) % 12 + 12) % 12;
            rgb[i] = clamp(255 * (lightness - a * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1))));
        }
        return new Rgba(rgb[0], rgb[1], rgb[2], alpha);
    }

    private static Map<String, Rgba> names() {
        Properties names = new Properties();
        try (InputStream in = SvgColour.class.getResourceAsStream("colours.properties")) {
            names.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return names.stringPropertyNames().stream()
                .collect(Collectors.toUnmodifiableMap(
                        n -> n, n -> Rgba.ofRgb(Integer.parseInt(names.getProperty(n), 16))));
    }
}
