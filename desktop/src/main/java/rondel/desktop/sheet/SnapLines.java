package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import rondel.compose.snap.Snap;
import rondel.geometry.Point;

/** The lines that say why a dragged thing holds where it does. */
final class SnapLines extends Pane {

    private final List<Line> drawn = new ArrayList<>();

    SnapLines() {
        setMouseTransparent(true);
    }

    void show(List<Snap.Line> lines, Viewport viewport) {
        while (drawn.size() < lines.size()) {
            Line line = new Line();
            drawn.add(line);
            getChildren().add(line);
        }
        for (int i = 0; i < drawn.size(); i++) {
            Line line = drawn.get(i);
            line.setVisible(i < lines.size());
            if (i < lines.size()) {
                Snap.Line snap = lines.get(i);
                Point a = viewport.toScreen(snap.from());
                Point b = viewport.toScreen(snap.to());
                line.getStyleClass()
                        .setAll("snap-line", snap.kind() == Snap.Kind.EQUAL_GAP ? "snap-equal" : "snap-meet");
                line.setStartX(Math.rint(a.x()) + 0.5);
                line.setStartY(Math.rint(a.y()) + 0.5);
                line.setEndX(Math.rint(b.x()) + 0.5);
                line.setEndY(Math.rint(b.y()) + 0.5);
            }
        }
    }
}
