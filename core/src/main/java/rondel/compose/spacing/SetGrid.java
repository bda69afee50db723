package rondel.compose.spacing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts elements into a grid, in reading order from where they stand now: each column as wide as its widest, each
 *  row as high as its highest, exact gaps between them, and everything in the middle of its cell.
 *
 * @param columns at least 1
 * @param inOrder in the order the elements are named; else as they stand now, read line by line */
public record SetGrid(
        List<ElementId> elements,
        int columns,
        @Mm double columnGap,
        @Mm double rowGap,
        boolean inOrder) implements Operation {

    public SetGrid(List<ElementId> elements, int columns, double columnGap, double rowGap) {
        this(elements, columns, columnGap, rowGap, false);
    }

    public SetGrid {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        if (columns < 1) {
            throw Refusal.of("grid.noColumns");
        }
        Targets.finite(columnGap, "column_gap");
        Targets.finite(rowGap, "row_gap");
        Set<ElementId> unlocked = Targets.unlocked(job, elements);
        List<Placed> all = inOrder
                ? Placed.of(
                        job,
                        elements.stream().filter(unlocked::contains).distinct().toList())
                : reading(Placed.of(job, unlocked));
        double[] widths = new double[Math.min(columns, all.size())];
        double[] heights = new double[Math.ceilDiv(all.size(), columns)];
        for (int i = 0; i < all.size(); i++) {
            Box b = all.get(i).box();
            widths[i % columns] = Math.max(widths[i % columns], b.width());
            heights[i / columns] = Math.max(heights[i / columns], b.height());
        }
        Box whole = Placed.around(all);
        double[] lefts = starts(widths, whole.x(), columnGap);
        double[] tops = starts(heights, whole.y(), rowGap);
        Map<ElementId, Affine> moves = new HashMap<>();
        for (int i = 0; i < all.size(); i++) {
            int column = i % columns;
            int row = i / columns;
            Point now = all.get(i).box().centre();
            moves.put(
                    all.get(i).id(),
                    Affine.translate(
                            lefts[column] + widths[column] / 2 - now.x(), tops[row] + heights[row] / 2 - now.y()));
        }
        return Placed.moved(job, moves);
    }

    private static double[] starts(double[] sizes, double from, double gap) {
        double[] starts = new double[sizes.length];
        double at = from;
        for (int i = 0; i < sizes.length; i++) {
            starts[i] = at;
            at += sizes[i] + gap;
        }
        return starts;
    }

    /** Line by line: what begins above the middle of the line's first thing stands in that line. */
    static List<Placed> reading(List<Placed> all) {
        List<Placed> down = Placed.along(Axis.VERTICAL, all);
        List<Placed> ordered = new ArrayList<>();
        while (ordered.size() < down.size()) {
            int from = ordered.size();
            double middle = down.get(from).span(Axis.VERTICAL).centre();
            int to = from;
            while (to < down.size() && down.get(to).span(Axis.VERTICAL).low() <= middle) {
                to++;
            }
            down.subList(from, to).stream()
                    .sorted(Comparator.comparingDouble(
                            p -> p.span(Axis.HORIZONTAL).low()))
                    .forEach(ordered::add);
        }
        return ordered;
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.setGrid");
    }
}
