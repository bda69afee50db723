package rondel.compose.arrange;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleFunction;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Refusal;
import rondel.words.Words;

/**
 * Gives the box around elements an exact width, height or both, about an anchor that stays where it is. With
 * {@code keepRatio}, the side not given follows, and of two given sides the width counts. With {@link Frame#OWN}, a
 * single turned element is sized along its own sides; several elements are always sized along the sheet's. Pinned things
 * inside keep their size: the rest is scaled so that the whole still comes out exact.
 */
public record Resize(
        List<ElementId> elements,
        @Mm OptionalDouble width,
        @Mm OptionalDouble height,
        boolean keepRatio,
        @LeftOut("centre") Anchor anchor,
        @LeftOut("own") Frame frame)
        implements Operation {

    /** Along which axes a size is measured. */
    public enum Frame {
        SHEET,
        OWN
    }

    public Resize {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        if (width.isEmpty() && height.isEmpty()) {
            throw Refusal.of("resize.noSide");
        }
        double turn = frame == Frame.OWN && ids.size() == 1
                ? job.located(ids.iterator().next()).ownToSheet().rotation()
                : 0;
        Box box = box(job, ids, turn);
        double across = width.isPresent() ? factor(width.getAsDouble(), box.width()) : Double.NaN;
        double down = height.isPresent() ? factor(height.getAsDouble(), box.height()) : Double.NaN;
        Point about = box.at(anchor);
        boolean pinned = Scaling.anyPinned(job, ids);
        if (keepRatio) {
            boolean byHeight = Double.isNaN(across) || across == 1 && !Double.isNaN(down);
            double both = byHeight ? down : across;
            if (pinned) {
                double target = byHeight ? height.getAsDouble() : width.getAsDouble();
                both = solved(both, target, f -> {
                    Box b = box(scaled(job, ids, turn, about, f, f), ids, turn);
                    return byHeight ? b.height() : b.width();
                });
            }
            Job sized = scaled(job, ids, turn, about, both, both);
            return pinned ? held(sized, ids, turn, about) : sized;
        }
        double sx = Double.isNaN(across) ? 1 : across;
        double sy = Double.isNaN(down) ? 1 : down;
        if (pinned) {
            sx = width.isEmpty()
                    ? 1
                    : solved(sx, width.getAsDouble(), f -> box(scaled(job, ids, turn, about, f, 1), ids, turn)
                            .width());
            sy = height.isEmpty()
                    ? 1
                    : solved(sy, height.getAsDouble(), f -> box(scaled(job, ids, turn, about, 1, f), ids, turn)
                            .height());
        }
        Job sized = scaled(job, ids, turn, about, sx, sy);
        return pinned ? held(sized, ids, turn, about) : sized;
    }

    /** The box around elements along axes turned by {@code degrees}, in the turned axes' own coordinates. */
    private static Box box(Job job, Set<ElementId> ids, double degrees) {
        Affine upright = Affine.rotate(-degrees);
        List<Box> boxes = ids.stream()
                .map(id -> {
                    Located at = job.located(id);
                    return Extent.of(at.element(), upright.times(at.toSheet())).orElse(null);
                })
                .filter(Objects::nonNull)
                .toList();
        return Box.around(boxes).orElseThrow(() -> Refusal.of("operation.noExtent"));
    }

    private static Job scaled(Job job, Set<ElementId> ids, double turn, Point about, double sx, double sy) {
        Affine map = Affine.rotate(turn).times(Affine.scale(sx, sy, about)).times(Affine.rotate(-turn));
        return Scaling.onSheet(job, ids, map);
    }

    /** Moves elements back so that the anchor is where it was, where pinned things have shifted it. */
    private Job held(Job job, Set<ElementId> ids, double turn, Point about) {
        Point now = box(job, ids, turn).at(anchor);
        Affine back = Affine.rotate(turn)
                .times(Affine.translate(about.x() - now.x(), about.y() - now.y()))
                .times(Affine.rotate(-turn));
        return Transforming.onSheet(job, ids, back);
    }

    /** The factor that makes {@code size} come out at {@code target}: size grows with the factor, straight between kinks, so
     *  a secant inside a shrinking bracket ends on it (Dahlquist and Björck 1974, 6.2). */
    private static double solved(double guess, double target, DoubleFunction<Double> size) {
        double low = 0;
        double lowSize = size.apply(1e-9);
        if (lowSize > target) {
            throw Refusal.of("resize.pinnedTooLarge");
        }
        double high = Math.max(guess, 1e-6);
        double highSize = size.apply(high);
        for (int i = 0; highSize < target && i < 60; i++) {
            low = high;
            lowSize = highSize;
            high *= 2;
            highSize = size.apply(high);
        }
        double factor = high;
        for (int i = 0; i < 100 && Math.abs(highSize - target) > 1e-12 * target; i++) {
            double secant = low + (target - lowSize) * (high - low) / (highSize - lowSize);
            factor = i % 3 == 2 || !(secant > low && secant <= high) ? (low + high) / 2 : secant;
            double at = size.apply(factor);
            if (Math.abs(at - target) <= 1e-12 * target || factor == low) {
                return factor;
            }
            if (at < target) {
                low = factor;
                lowSize = at;
            } else {
                high = factor;
                highSize = at;
            }
        }
        return high;
    }

    /** A straight line has no width (or no height) to scale: asked for the 0 it has, it stays. */
    private static double factor(double wanted, double now) {
        if (!Double.isFinite(wanted) || wanted < 0 || wanted == 0 && now != 0) {
            throw Refusal.of("resize.notPositive");
        }
        if (now == 0) {
            if (wanted != 0) {
                throw Refusal.of("resize.noThickness");
            }
            return 1;
        }
        return wanted / now;
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.resize");
    }
}
