package rondel.lines.trace;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.curve.CurveFitting;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.Rgba;
import rondel.job.TraceSettings;
import rondel.progress.Cancellation;
import rondel.raster.LevelLines;
import rondel.raster.Softened;

/** Turns a picture into outlines: level lines of its darkness, or of each of a few colours, with curves fitted to them. */
public final class Tracing {

    private final BufferedImage image;
    private final TraceSettings settings;
    private final CurveFitting fitting;

    /** An outline in pixels, with its colour. */
    public record Layer(Outline outline, Rgba colour) {}

    public Tracing(BufferedImage image, TraceSettings settings) {
        this.image = image;
        this.settings = settings;
        this.fitting = new CurveFitting(settings.smoothness(), settings.corner(), TraceTuning.CORNER_LENGTH);
    }

    /** From back to front. */
    public List<Layer> layers() {
        return settings.colours() == 1 ? one() : several();
    }

    /** Darkness as it would be on white paper, so that clear pixels are light. */
    private List<Layer> one() {
        double level = Math.clamp(Math.floor(settings.threshold() * 255) + 0.5, 0.5, 254.5);
        Darkness darkness = Darkness.of(image);
        int width = darkness.width();
        int height = darkness.height();
        Outline dark = darkness.isHard()
                ? LevelLines.of(
                        width, height, new Softened(darkness, width, height), 127.5, TraceTuning.LEVEL_LINE_STEP)
                : LevelLines.of(width, height, darkness, level, TraceTuning.LEVEL_LINE_STEP);
        Outline fitted = fitted(dark);
        return fitted.isEmpty() ? List.of() : List.of(new Layer(fitted, Rgba.BLACK));
    }

    /** Each colour's outline reaches under the colours in front of it; the largest lies at the back. */
    private List<Layer> several() {
        ColourQuantization few = new ColourQuantization(image, settings.colours());
        int colours = few.colours.size();
        Despeckling.remove(few.labels, few.width, few.height, settings.speckle(), colours);
        int[] sizes = new int[colours];
        for (int label : few.labels) {
            if (label >= 0) {
                sizes[label]++;
            }
        }
        List<Integer> order = IntStream.range(0, colours)
                .filter(c -> sizes[c] > 0)
                .boxed()
                .sorted(Comparator.comparingInt(c -> -sizes[c]))
                .toList();
        int[] rank = new int[colours];
        Arrays.fill(rank, -1);
        for (int i = 0; i < order.size(); i++) {
            rank[order.get(i)] = i;
        }
        boolean hard = few.isHard();
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            Cancellation.check();
            Outline fitted = fitted(from(few, rank, i, hard));
            if (!fitted.isEmpty()) {
                layers.add(new Layer(fitted, few.colours.get(order.get(i))));
            }
        }
        return settings.layering() == TraceSettings.Layering.STACKED ? layers : sideBySide(layers);
    }

    private static Outline from(ColourQuantization few, int[] rank, int least, boolean hard) {
        int of = IntStream.range(0, rank.length)
                .filter(c -> rank[c] >= least)
                .map(c -> 1 << c)
                .sum();
        LevelLines.Rows rows = (y, row) -> {
            for (int x = 0; x < row.length; x++) {
                row[x] = few.cover(y * few.width + x, of);
            }
        };
        LevelLines.Rows edges = hard ? new Softened(rows, few.width, few.height) : rows;
        return LevelLines.of(few.width, few.height, edges, 127.5, TraceTuning.LEVEL_LINE_STEP);
    }

    /** What can be seen of each: neighbours end on the same curves, so that no gap is between them. */
    private static List<Layer> sideBySide(List<Layer> layers) {
        Map<Integer, Outline> seen = Overlay.of(layers.stream()
                        .map(l -> new Operand(l.outline, FillRule.NON_ZERO))
                        .toList())
                .uncovered();
        List<Layer> parted = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            if (seen.containsKey(i)) {
                parted.add(new Layer(seen.get(i), layers.get(i).colour));
            }
        }
        return parted;
    }

    private Outline fitted(Outline lines) {
        List<Contour> contours = Contour.of(lines).parallelStream()
                .filter(c -> c.segments().size() >= 3 && Math.abs(c.area()) >= Math.max(1, settings.speckle()))
                .map(c -> fitting.closed(
                                c.segments().stream().map(Bezier::start).toList())
                        .reversed())
                .toList();
        return Contour.outline(contours);
    }
}
