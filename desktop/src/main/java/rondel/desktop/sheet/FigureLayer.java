package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polygon;
import rondel.compose.shape.ShapeHandle;
import rondel.compose.shape.ShapeHandles;
import rondel.desktop.desk.Desk;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Located;
import rondel.job.ShapeElement;

/** The handles of the one selected plain shape's own figures: corners, points, depths. They are lozenges, as the handles of its
 *  size are squares. */
final class FigureLayer extends Pane {

    private static final double REACH = 6;
    private static final double SIDE = 5.5;

    /** Shapes that are shown smaller, in px, have no handles, or there would be no room to take them by. */
    private static final double SMALLEST = 48;

    /** A shape whose handles are shown.
     *
     * @param toScreen from its own space to px of the view */
    record Shown(ShapeElement shape, Affine toSheet, Affine toScreen, List<ShapeHandle> handles) {}

    private final Desk desk;
    private Optional<Shown> shown = Optional.empty();

    FigureLayer(Desk desk) {
        this.desk = desk;
        setMouseTransparent(true);
    }

    /** @param wanted false while something else is shown in their place */
    void show(boolean wanted, Viewport viewport) {
        Optional<Shown> next = wanted ? handles(viewport) : Optional.empty();
        boolean same = next.isPresent() == shown.isPresent()
                && next.map(Shown::shape).equals(shown.map(Shown::shape))
                && Objects.equals(next.map(Shown::toScreen), shown.map(Shown::toScreen));
        shown = next;
        if (!same) {
            draw();
        }
    }

    private Optional<Shown> handles(Viewport viewport) {
        if (desk.bench().selection().size() != 1) {
            return Optional.empty();
        }
        List<Located> selected = desk.bench().selected();
        if (selected.size() != 1
                || !(selected.getFirst().element() instanceof ShapeElement s)
                || s.plain().isEmpty()
                || s.locked()) {
            return Optional.empty();
        }
        Affine toSheet = selected.getFirst().ownToSheet();
        Affine toScreen = viewport.toScreen().times(toSheet);
        Box box = s.outline().bounds().orElseThrow();
        double side = Math.max(box.width(), box.height()) * toScreen.meanScale();
        return side < SMALLEST
                ? Optional.empty()
                : Optional.of(new Shown(
                        s, toSheet, toScreen, ShapeHandles.of(s.plain().get())));
    }

    private void draw() {
        List<Node> nodes = new ArrayList<>();
        shown.ifPresent(s -> s.handles().forEach(h -> {
            Point p = s.toScreen().apply(h.at());
            Polygon lozenge =
                    new Polygon(p.x(), p.y() - SIDE, p.x() + SIDE, p.y(), p.x(), p.y() + SIDE, p.x() - SIDE, p.y());
            lozenge.getStyleClass().add("figure-handle");
            nodes.add(lozenge);
        }));
        getChildren().setAll(nodes);
    }

    /** The press on a handle at a place of the screen. */
    Optional<Press> pressAt(SheetView view, Point screen) {
        return shown.flatMap(s -> s.handles().stream()
                .filter(h -> s.toScreen().apply(h.at()).distanceTo(screen) <= REACH)
                .findFirst()
                .map(h -> new FigurePress(view, desk, s, h)));
    }
}
