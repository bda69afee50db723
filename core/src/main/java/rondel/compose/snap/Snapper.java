package rondel.compose.snap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.Span;
import rondel.job.Guide;
import rondel.job.Sheet;

/** Finds what a dragged box is near: edges and middles of others, guides, margins, the sheet, and places where it would
 *  stand with equal gaps in a row. Made once for a drag; each query is a binary search and one pass over plain numbers. */
public final class Snapper {

    private final Rails across;
    private final Rails down;

    /** @param others the boxes of what does not move, on the sheet */
    public Snapper(List<Box> others, Sheet sheet) {
        this.across = new Rails(Axis.HORIZONTAL, others, sheetPlaces(sheet, Axis.HORIZONTAL), sheet.trim());
        this.down = new Rails(Axis.VERTICAL, others, sheetPlaces(sheet, Axis.VERTICAL), sheet.trim());
    }

    private static List<Double> sheetPlaces(Sheet sheet, Axis axis) {
        Span trim = axis.of(sheet.trim());
        List<Double> places = new ArrayList<>(List.of(trim.low(), trim.centre(), trim.high()));
        if (sheet.safeMargin() > 0) {
            places.add(trim.low() + sheet.safeMargin());
            places.add(trim.high() - sheet.safeMargin());
        }
        sheet.planned().map(p -> axis.of(p.usable())).ifPresent(usable -> {
            places.add(usable.low());
            places.add(usable.high());
        });
        sheet.guides().stream().filter(g -> g.across() == axis).map(Guide::at).forEach(places::add);
        return places;
    }

    /** How far {@code moving} has to move, at most {@code reach} each way, to meet something. */
    public Snap box(Box moving, double reach) {
        Optional<Rails.Hit> x = across.box(moving, reach);
        double dx = x.map(Rails.Hit::move).orElse(0.0);
        Optional<Rails.Hit> y = down.box(moving.moved(dx, 0), reach);
        double dy = y.map(Rails.Hit::move).orElse(0.0);
        return snap(x, y, dx, dy, moving.moved(dx, dy));
    }

    /** How far a point has to move, as when a handle is dragged. */
    public Snap point(Point p, double reach) {
        Box box = new Box(p.x(), p.y(), 0, 0);
        Optional<Rails.Hit> x = across.edge(p.x(), reach);
        Optional<Rails.Hit> y = down.edge(p.y(), reach);
        double dx = x.map(Rails.Hit::move).orElse(0.0);
        double dy = y.map(Rails.Hit::move).orElse(0.0);
        return snap(x, y, dx, dy, box.moved(dx, dy));
    }

    private Snap snap(Optional<Rails.Hit> x, Optional<Rails.Hit> y, double dx, double dy, Box at) {
        List<Snap.Line> lines = new ArrayList<>();
        x.ifPresent(h -> lines.addAll(h.lines(at)));
        y.ifPresent(h -> lines.addAll(h.lines(at)));
        return lines.isEmpty() ? Snap.NONE : new Snap(dx, dy, List.copyOf(lines));
    }
}
