package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** SVG as people and programs write it: shapes of every kind in every unit, placed by any transform, dressed by attributes,
 *  styles and style sheets, in groups, clipped, repeated. */
public final class RandomSvg {

    private static final List<String> UNITS = List.of("", "px", "mm", "cm", "in", "pt", "pc", "%");
    private static final List<Double> PX = List.of(1.0, 1.0, 96 / 25.4, 96 / 2.54, 96.0, 96 / 72.0, 16.0, 3.0);
    private static final String SHEET = """
            <style>
              .sea { fill: #1f6f6b; stroke: none }
              g > .sand { fill: rgb(86%, 72%, 48%) }
              g .kelp, circle.kelp { fill: none; stroke: darkolivegreen; stroke-width: 4 }
              rect + .coral { fill: salmon }
              *[class~="wave"] { stroke-dasharray: 9 4; stroke: navy; stroke-width: 3px }
              #big, ellipse { stroke: #821 }
            </style>
            """;

    private final Random random;
    private final List<String> definitions = new ArrayList<>();
    private int named;

    public RandomSvg(long seed) {
        this.random = new Random(seed);
    }

    /** A drawing of 300 x 300 px. */
    public String drawing() {
        StringBuilder inside = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            inside.append(random.nextInt(3) == 0 ? group(2) : shape());
        }
        return "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink'"
                + " width='300' height='300' viewBox='0 0 300 300'>" + SHEET + "<defs>"
                + String.join("", definitions) + "</defs>" + inside + "</svg>";
    }

    private String group(int deep) {
        StringBuilder s = new StringBuilder("<g" + maybe(" transform='" + transform() + "'") + maybe(" opacity='0.6'")
                + maybe(" fill='" + colour() + "'") + maybe(clip()) + ">");
        for (int i = 0; i < 3; i++) {
            s.append(deep > 0 && random.nextInt(4) == 0 ? group(deep - 1) : shape());
        }
        return s.append("</g>").toString();
    }

    private String shape() {
        String look = look() + maybe(" transform='" + transform() + "'");
        return switch (random.nextInt(8)) {
            case 0 ->
                "<rect x='" + at() + "' y='" + at() + "' width='" + size() + "' height='" + size() + "'"
                        + maybe(" rx='" + figure(4, 20) + "'") + maybe(" ry='" + figure(4, 20) + "'") + look + "/>";
            case 1 -> "<circle cx='" + at() + "' cy='" + at() + "' r='" + figure(8, 50) + "'" + look + "/>";
            case 2 ->
                "<ellipse cx='" + at() + "' cy='" + at() + "' rx='" + figure(8, 60) + "' ry='" + figure(8, 40) + "'"
                        + look + "/>";
            case 3 ->
                "<line x1='" + at() + "' y1='" + at() + "' x2='" + at() + "' y2='" + at() + "' stroke='" + colour()
                        + "' stroke-width='5'" + maybe(" stroke-linecap='round'") + "/>";
            case 4 -> "<polyline points='" + points() + "'" + look + "/>";
            case 5 -> "<polygon points='" + points() + "'" + look + maybe(" fill-rule='evenodd'") + "/>";
            case 6 -> used(look);
            default -> "<path d='" + path() + "'" + look + maybe(" fill-rule='evenodd'") + "/>";
        };
    }

    private String used(String look) {
        String id = "thing" + named++;
        definitions.add(
                random.nextBoolean()
                        ? "<path id='" + id + "' d='" + path() + "'" + look + "/>"
                        : "<symbol id='" + id + "' viewBox='0 0 300 300'><path d='" + path() + "'" + look
                                + "/></symbol>");
        return "<use xlink:href='#" + id + "' x='" + figure(-40, 40) + "' y='" + figure(-40, 40)
                + "' width='200' height='200'/>";
    }

    private String look() {
        return switch (random.nextInt(6)) {
            case 0 ->
                " class='"
                        + List.of("sea", "sand", "kelp", "coral", "big wave", "sea wave")
                                .get(random.nextInt(6)) + "'";
            case 1 -> " style='fill:" + colour() + ";stroke:" + colour() + ";stroke-width:" + length(2, 8) + "'";
            case 2 -> " fill='url(#" + gradient() + ")'";
            case 3 ->
                " fill='none' stroke='" + colour() + "' stroke-width='" + figure(1, 12) + "' stroke-linejoin='"
                        + List.of("miter", "round", "bevel").get(random.nextInt(3)) + "'";
            case 4 ->
                " fill='" + colour() + "' fill-opacity='0.5' stroke='" + colour()
                        + "' stroke-opacity='70%'".replace("70%", "0.7");
            default -> " fill='" + colour() + "'";
        };
    }

    private String gradient() {
        String id = "shade" + named++;
        String stops = "<stop offset='0' stop-color='" + colour() + "'/><stop offset='60%' stop-color='" + colour()
                + "'/><stop offset='1' stop-color='" + colour() + "' stop-opacity='0.8'/>";
        String spread = maybe(" spreadMethod='reflect'") + maybe(" gradientTransform='rotate(30 0.5 0.5)'");
        definitions.add(
                random.nextBoolean()
                        ? "<linearGradient id='" + id + "' x2='0.5' y2='0.4'" + spread + ">" + stops
                                + "</linearGradient>"
                        : "<radialGradient id='" + id + "' r='0.4' cx='0.4'" + spread + ">" + stops
                                + "</radialGradient>");
        return id;
    }

    private String clip() {
        String id = "cut" + named++;
        definitions.add("<clipPath id='" + id + "'><circle cx='" + figure(80, 220) + "' cy='" + figure(80, 220)
                + "' r='" + figure(60, 140) + "'/></clipPath>");
        return " clip-path='url(#" + id + ")'";
    }

    private String transform() {
        return switch (random.nextInt(7)) {
            case 0 -> "translate(" + figure(-60, 60) + "," + figure(-60, 60) + ")";
            case 1 -> "rotate(" + figure(-180, 180) + " 150 150)";
            case 2 -> "translate(20) scale(" + figure(0.5, 1.3) + " " + figure(0.5, 1.3) + ")";
            case 3 -> "skewX(" + figure(-25, 25) + ")";
            case 4 -> "skewY(" + figure(-25, 25) + ") translate(0 10)";
            case 5 -> "matrix(" + figure(0.6, 1.2) + " 0.2 -0.1 " + figure(0.6, 1.2) + " 10 -5)";
            default -> "translate(150,150) scale(-1,1) translate(-150 -150)";
        };
    }

    private String path() {
        StringBuilder d = new StringBuilder("M" + figure(20, 280) + " " + figure(20, 280));
        for (int i = 0; i < 5; i++) {
            d.append(segment());
        }
        return d + maybe("Z");
    }

    /** A few commands; those that go on smoothly follow only what they can go on from, where readers agree. */
    private String segment() {
        return switch (random.nextInt(7)) {
            case 0 -> "L" + figure(20, 280) + "," + figure(20, 280);
            case 1 -> "h" + step() + "v" + step();
            case 2 ->
                "C" + figure(20, 280) + " " + figure(20, 280) + " " + figure(20, 280) + " " + figure(20, 280) + " "
                        + figure(20, 280) + " " + figure(20, 280)
                        + maybe("s" + step() + "-30 " + step() + " " + step());
            case 3 -> "l" + step() + "-30";
            case 4 -> "q" + step() + " " + step() + " " + step() + ".5" + maybe("t" + step() + " " + step());
            case 5 ->
                "a" + figure(10, 60) + " " + figure(10, 60) + " " + figure(0, 90) + " " + random.nextInt(2)
                        + random.nextInt(2) + figure(10, 60) + " " + figure(10, 60);
            default -> "z m" + figure(-30, 30) + " " + figure(-30, 30);
        };
    }

    private String step() {
        return figure(-60, 60);
    }

    private String points() {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < 6; i++) {
            s.append(figure(20, 280))
                    .append(random.nextBoolean() ? "," : " ")
                    .append(figure(20, 280))
                    .append(' ');
        }
        return s.toString().strip();
    }

    private String colour() {
        int r = random.nextInt(256);
        int g = random.nextInt(256);
        int b = random.nextInt(256);
        return switch (random.nextInt(5)) {
            case 0 -> String.format("#%02x%02X%02x", r, g, b);
            case 1 -> String.format("#%x%x%x", r / 16, g / 16, b / 16);
            case 2 -> "rgb(" + r + ", " + g + "," + b + ")";
            case 3 -> "rgb(" + r * 100 / 255 + "%," + g * 100 / 255 + "%," + b * 100 / 255 + "%)";
            default ->
                List.of("teal", "Coral", "goldenrod", "midnightblue", "rosybrown")
                        .get(random.nextInt(5));
        };
    }

    private String at() {
        return length(20, 280);
    }

    private String size() {
        return length(10, 120);
    }

    /** A length between figures in px, in any unit. */
    private String length(double from, double to) {
        int unit = random.nextInt(UNITS.size());
        return String.format(
                Locale.ROOT, "%.4f%s", (from + (to - from) * random.nextDouble()) / PX.get(unit), UNITS.get(unit));
    }

    private String figure(double from, double to) {
        return String.format(Locale.ROOT, "%.2f", from + (to - from) * random.nextDouble());
    }

    private String maybe(String text) {
        return random.nextInt(3) == 0 ? text : "";
    }
}
