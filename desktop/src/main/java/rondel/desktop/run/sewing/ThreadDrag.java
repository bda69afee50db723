package rondel.desktop.run.sewing;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Drags rows of the list of threads to another place among those of their kind; a bar shows where they would go. */
final class ThreadDrag {

    private static final double STILL = 5;

    private final VBox rows;
    private final Region bar = new Region();
    private Optional<ThreadRow> taken = Optional.empty();
    private double pressedAt;
    private boolean dragging;

    ThreadDrag(VBox rows, StackPane over) {
        this.rows = rows;
        bar.getStyleClass().add("stack-bar");
        bar.setManaged(false);
        bar.setMouseTransparent(true);
        bar.setVisible(false);
        over.getChildren().add(bar);
        rows.addEventFilter(MouseEvent.MOUSE_PRESSED, this::pressed);
        rows.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::dragged);
        rows.addEventFilter(MouseEvent.MOUSE_RELEASED, this::released);
    }

    private void pressed(MouseEvent e) {
        pressedAt = e.getY();
        dragging = false;
        taken = rows.getChildren().stream()
                .filter(r -> r.getBoundsInParent().contains(e.getX(), e.getY()))
                .filter(ThreadRow.class::isInstance)
                .map(ThreadRow.class::cast)
                .findFirst();
    }

    /** The rows of the kind that is dragged. */
    private List<ThreadRow> kind() {
        Class<?> kind = taken.map(Object::getClass).orElse(null);
        return rows.getChildren().stream()
                .filter(r -> r.getClass() == kind)
                .map(ThreadRow.class::cast)
                .toList();
    }

    /** Before which of its kind it would go. */
    private int before(double y) {
        List<ThreadRow> all = kind();
        int at = 0;
        while (at < all.size() && middle(all.get(at)) < y) {
            at++;
        }
        return at;
    }

    private static double middle(Node row) {
        return row.getBoundsInParent().getCenterY();
    }

    private void dragged(MouseEvent e) {
        if (taken.isEmpty() || !dragging && Math.abs(e.getY() - pressedAt) < STILL) {
            return;
        }
        dragging = true;
        List<ThreadRow> all = kind();
        int at = before(e.getY());
        double y = at < all.size()
                ? all.get(at).getBoundsInParent().getMinY()
                : all.getLast().getBoundsInParent().getMaxY();
        bar.resizeRelocate(0, y - 1.5, rows.getWidth(), 3);
        bar.setVisible(true);
        e.consume();
    }

    private void released(MouseEvent e) {
        bar.setVisible(false);
        if (dragging) {
            dragging = false;
            taken.ifPresent(r -> r.moveTo(before(e.getY())));
            e.consume();
        }
    }
}
