package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import rondel.desktop.look.Hint;
import rondel.geometry.Point;
import rondel.job.ElementId;

/** Marks on the sheet that say something when they are pointed at, and select what they are about when they are clicked. */
final class MarkLayer extends Pane {

    private static final double SIDE = 16;

    private final Consumer<ElementId> chosen;
    private List<SheetMark> shown = List.of();
    private Viewport shownAt;

    MarkLayer(Consumer<ElementId> chosen) {
        this.chosen = chosen;
        setPickOnBounds(false);
    }

    /** What is shown already is not made again, as that would ask for another layout, and so on for ever. */
    void show(List<SheetMark> marks, Viewport viewport) {
        if (marks.equals(shown) && viewport.equals(shownAt)) {
            return;
        }
        shown = marks;
        shownAt = viewport;
        List<Node> nodes = new ArrayList<>();
        for (SheetMark mark : marks) {
            Label label = new Label("!");
            label.getStyleClass().addAll("finding-mark", "finding-" + mark.style());
            Hint.on(label, mark.sentence());
            label.setAccessibleText(mark.sentence());
            label.setOnMousePressed(e -> {
                chosen.accept(mark.about());
                e.consume();
            });
            Point at = viewport.toScreen(mark.place());
            label.resizeRelocate(at.x() - SIDE / 2, at.y() - SIDE / 2, SIDE, SIDE);
            label.setManaged(false);
            nodes.add(label);
        }
        getChildren().setAll(nodes);
    }
}
