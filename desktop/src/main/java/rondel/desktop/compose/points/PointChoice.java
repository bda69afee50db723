package rondel.desktop.compose.points;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.compose.outline.AddPoint;
import rondel.compose.outline.JoinContours;
import rondel.compose.outline.MoveHandle;
import rondel.compose.outline.MovePoint;
import rondel.compose.outline.OpenOutline;
import rondel.compose.outline.OutlinePoints;
import rondel.compose.outline.OutlinePoints.Handle;
import rondel.compose.outline.OutlinePoints.OutlinePoint;
import rondel.compose.outline.OutlinePoints.Place;
import rondel.compose.outline.RemovePoint;
import rondel.compose.outline.ShapePoint;
import rondel.compose.outline.SplitOutline;
import rondel.desktop.desk.Desk;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** The points of one shape's outline, opened to be changed one by one, and which of them is picked. Closed again when something
 *  else is selected. One thread uses it. */
public final class PointChoice {

    private static final double ENDS_MEET = 0.1;

    private final Desk desk;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<Element> shape = Optional.empty();
    private Optional<OutlinePoints> points = Optional.empty();
    private Optional<OutlinePoint> picked = Optional.empty();

    public PointChoice(Desk desk) {
        this.desk = desk;
        desk.bench().onChange(this::follow);
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Opens the points of the one selected element, or says why it has none that can be changed. */
    public void open() {
        desk.onlySelected().ifPresent(e -> {
            try {
                read(e);
                picked = points.flatMap(p -> p.all().stream().findFirst());
                changed();
            } catch (Refusal why) {
                desk.notices().refuse(why.getMessage());
            }
        });
    }

    private void read(Element e) {
        points = Optional.of(OutlinePoints.of(desk.bench().job(), e.id()));
        shape = Optional.of(e);
    }

    public void close() {
        shape = Optional.empty();
        points = Optional.empty();
        picked = Optional.empty();
        changed();
    }

    public boolean isOpen() {
        return points.isPresent();
    }

    /** Keeps to the shape through its edits, and lets go of it when another thing is selected. */
    private void follow() {
        if (shape.isEmpty()) {
            return;
        }
        ElementId id = shape.get().id();
        Optional<Element> now = desk.onlySelected().filter(e -> e.id().equals(id));
        if (now.isEmpty()) {
            close();
            return;
        }
        if (now.get() != shape.get()) {
            try {
                read(now.get());
                picked = picked.flatMap(p -> points.orElseThrow().again(p));
                changed();
            } catch (Refusal gone) { // locked meanwhile, or made to follow something
                close();
            }
        }
    }

    public Optional<OutlinePoints> points() {
        return points;
    }

    public Optional<OutlinePoint> picked() {
        return picked;
    }

    public void pick(OutlinePoint point) {
        picked = Optional.of(point);
        changed();
    }

    /** Goes on to the next point, or back, round to the other end. */
    public void step(int by) {
        points.map(OutlinePoints::all).filter(all -> !all.isEmpty()).ifPresent(all -> {
            int now = picked.map(all::indexOf).orElse(-1);
            pick(all.get(Math.floorMod(now + by, all.size())));
        });
    }

    private ElementId id() {
        return shape.orElseThrow().id();
    }

    /** Moves the picked point to a place on the sheet, in mm. */
    public void moveTo(Point to) {
        picked.ifPresent(p -> desk.perform(moved(p, to)));
    }

    public Operation moved(OutlinePoint point, Point to) {
        return new MovePoint(id(), point.contour(), point.number(), to.x(), to.y());
    }

    public Operation moved(int contour, Handle handle, Point to) {
        return new MoveHandle(id(), contour, handle.segment(), handle.which(), to.x(), to.y());
    }

    public void nudge(double dx, double dy) {
        picked.ifPresent(p -> moveTo(p.at().plus(dx, dy)));
    }

    public void smooth(boolean on) {
        picked.ifPresent(p -> desk.perform(new ShapePoint(id(), p.contour(), p.number(), on)));
    }

    public void remove() {
        picked.ifPresent(p -> {
            picked = Optional.empty();
            desk.perform(new RemovePoint(id(), p.contour(), p.number()));
        });
    }

    /** Adds a point in the middle of the stretch after the picked one; of the last, before it. */
    public void addAfter() {
        picked.ifPresent(p -> {
            int n = points.orElseThrow().contours().get(p.contour()).segments().size();
            add(p.contour(), Math.min(p.number(), n - 1), 0.5);
        });
    }

    /** Adds a point at a place of the outline. */
    public void add(Place place) {
        if (place.at() > 0 && place.at() < 1) {
            add(place.contour(), place.segment(), place.at());
        }
    }

    private void add(int contour, int segment, double at) {
        desk.bench().perform(new AddPoint(id(), contour, segment, at), () -> points.orElseThrow().all().stream()
                .filter(p -> p.contour() == contour && p.number() == segment + 1)
                .findFirst()
                .ifPresent(this::pick));
    }

    /** Opens a closed outline at the picked point, or splits an open one there. */
    public void split() {
        picked.ifPresent(p -> desk.perform(
                points.orElseThrow().isClosed(p)
                        ? new OpenOutline(id(), p.contour(), p.number())
                        : new SplitOutline(id(), p.contour(), p.number(), java.util.OptionalInt.empty())));
    }

    /** Whether two open contours are there to be joined. */
    public boolean canJoin() {
        return points.flatMap(OutlinePoints::nearestOpen).isPresent();
    }

    /** Joins the two open contours whose ends are nearest. */
    public void join() {
        points.flatMap(OutlinePoints::nearestOpen)
                .ifPresent(two -> desk.perform(new JoinContours(id(), two[0], two[1], ENDS_MEET)));
    }

    private void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }
}
