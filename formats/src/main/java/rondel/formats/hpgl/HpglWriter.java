package rondel.formats.hpgl;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.job.ToolSettings;
import rondel.run.route.Route;
import rondel.run.route.Stroke;

/** A route as HP-GL: what comes first, a block for each stroke, and what comes last. */
public final class HpglWriter {

    /** How many pairs of coordinates one instruction has: old machines take no longer ones. */
    private static final int PAIRS = 50;

    private static final double UNIT = 0.025;

    /** What a route comes to.
     *
     * @param opening sets up tool, speed and force
     * @param strokes a block for each, which leaves the tool lifted
     * @param closing puts the tool away */
    public record Program(String opening, List<String> strokes, String closing) {
        public byte[] bytes() {
            return (opening + String.join("", strokes) + closing).getBytes(StandardCharsets.US_ASCII);
        }
    }

    private HpglWriter() {}

    public static Program of(Route route) {
        List<String> blocks = new ArrayList<>();
        for (Stroke s : route.strokes()) {
            blocks.add(block(s, route.height()));
        }
        ToolSettings tool = route.tool();
        String opening = "IN;SP" + pen(tool.tool()) + ";VS" + Math.max(1, Math.round(tool.speed() / 10)) + ";FS"
                + Math.round(tool.force()) + ";\n";
        return new Program(opening, List.copyOf(blocks), "PU0,0;SP0;\n");
    }

    /** The number that stands for a tool: the holders of a carousel. */
    public static int pen(ToolSettings.Tool tool) {
        return switch (tool) {
            case BLADE -> 1;
            case SCORER -> 2;
            case PEN -> 3;
            case NEEDLE -> 4;
        };
    }

    private static String block(Stroke stroke, double height) {
        StringBuilder text = new StringBuilder("PU");
        pair(text, stroke.from(), height);
        text.append(';');
        List<Point> way = stroke.tool();
        for (int i = 1; i < way.size(); i++) {
            boolean first = i % PAIRS == 1;
            text.append(first ? "PD" : ",");
            pair(text, way.get(i), height);
            if (i % PAIRS == 0 || i == way.size() - 1) {
                text.append(";");
            }
        }
        return text.append("PU;\n").toString();
    }

    private static void pair(StringBuilder text, Point p, double height) {
        text.append(Math.round(p.x() / UNIT)).append(',').append(Math.round((height - p.y()) / UNIT));
    }
}
