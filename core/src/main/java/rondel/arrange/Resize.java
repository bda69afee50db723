package rondel.arrange;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.operation.Mm;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/**
 * Gives the box around elements an exact width, height or both, about an anchor that stays where it is. With
 * {@code keepRatio}, the side not given follows, and of two given sides the width counts. With {@link Frame#OWN}, a
 * single turned element is sized along its own sides; several elements are always sized along the sheet's.
 */
public record Resize(
        List<ElementId> elements,
        @Mm OptionalDouble width,
        @Mm OptionalDouble height,
        boolean keepRatio,
        Anchor anchor,
        Frame frame)
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
        if (frame == Frame.OWN && ids.size() == 1) {
            Located at = job.located(ids.iterator().next());
            double turn = at.ownToSheet().rotation();
            Extent.TurnedBox box =
                    Extent.turned(at.element(), at.toSheet(), turn).orElseThrow(() -> Refusal.of("operation.noExtent"));
            Point about = box.at(anchor.across(), anchor.down());
            Affine scale = scale(box.width(), box.height(), about);
            return Transforming.onSheet(
                    job, elements, Affine.rotate(turn, about).times(scale).times(Affine.rotate(-turn, about)));
        }
        Box box = Transforming.box(job, ids);
        return Transforming.onSheet(job, elements, scale(box.width(), box.height(), box.at(anchor)));
    }

    private Affine scale(double oldWidth, double oldHeight, Point about) {
        double across = width.isPresent() ? factor(width.getAsDouble(), oldWidth) : Double.NaN;
        double down = height.isPresent() ? factor(height.getAsDouble(), oldHeight) : Double.NaN;
        if (keepRatio) {
            double both = Double.isNaN(across) || across == 1 && !Double.isNaN(down) ? down : across;
            return Affine.scale(both, both, about);
        }
        return Affine.scale(Double.isNaN(across) ? 1 : across, Double.isNaN(down) ? 1 : down, about);
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
