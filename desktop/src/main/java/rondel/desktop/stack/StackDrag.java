package rondel.desktop.stack;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import rondel.compose.arrange.Restack;
import rondel.desktop.desk.Desk;
import rondel.job.Element;
import rondel.job.ElementId;

/** Drags cards along the stack to another place in the order; a bar shows where they would go. */
final class StackDrag {

    private static final double STILL = 6;

    private final Desk desk;
    private final ListView<Element> cards;
    private final Region bar;
    private Optional<ElementId> taken = Optional.empty();
    private double pressedAt;
    private boolean dragging;

    /** @param bar shown between two cards while dragging; it stands in the same parent as {@code cards} */
    StackDrag(Desk desk, ListView<Element> cards, Region bar) {
        this.desk = desk;
        this.cards = cards;
        this.bar = bar;
        bar.getStyleClass().add("stack-bar");
        bar.setManaged(false);
        bar.setMouseTransparent(true);
        bar.setVisible(false);
        cards.addEventFilter(MouseEvent.MOUSE_PRESSED, this::pressed);
        cards.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::dragged);
        cards.addEventFilter(MouseEvent.MOUSE_RELEASED, this::released);
    }

    private void pressed(MouseEvent e) {
        pressedAt = e.getSceneX();
        dragging = false;
        taken = visible().stream()
                .filter(c -> c.localToScene(c.getLayoutBounds()).contains(e.getSceneX(), e.getSceneY()))
                .findFirst()
                .map(c -> c.getItem().id());
    }

    private void dragged(MouseEvent e) {
        if (taken.isEmpty() || !dragging && Math.abs(e.getSceneX() - pressedAt) < STILL) {
            return;
        }
        dragging = true;
        double x = cards.getParent().sceneToLocal(edge(e.getSceneX()), 0).getX();
        bar.resizeRelocate(x - 1.5, 0, 3, cards.getHeight());
        bar.setVisible(true);
        e.consume();
    }

    private void released(MouseEvent e) {
        bar.setVisible(false);
        if (!dragging) {
            return;
        }
        dragging = false;
        Set<ElementId> selection = desk.bench().selection();
        List<ElementId> moving =
                taken.filter(t -> !selection.contains(t)).map(List::of).orElse(List.copyOf(selection));
        long behind = cards.getItems().stream()
                .limit(before(e.getSceneX()))
                .filter(c -> !moving.contains(c.id()))
                .count();
        desk.perform(new Restack(moving, (int) behind));
        e.consume();
    }

    /** How many cards have their middle to the left of a place in the scene. */
    private int before(double sceneX) {
        return visible().stream()
                .filter(c -> bounds(c).getCenterX() <= sceneX)
                .mapToInt(c -> c.getIndex() + 1)
                .max()
                .orElseGet(() ->
                        visible().stream().mapToInt(ListCell::getIndex).min().orElse(0));
    }

    private double edge(double sceneX) {
        return visible().stream()
                .filter(c -> bounds(c).getCenterX() <= sceneX)
                .mapToDouble(c -> bounds(c).getMaxX())
                .max()
                .orElseGet(() -> visible().stream()
                        .mapToDouble(c -> bounds(c).getMinX())
                        .min()
                        .orElse(sceneX));
    }

    private static Bounds bounds(ListCell<Element> card) {
        return card.localToScene(card.getLayoutBounds());
    }

    private List<ListCell<Element>> visible() {
        return cards.lookupAll(".list-cell").stream()
                .filter(StackCard.class::isInstance)
                .map(StackCard.class::cast)
                .filter(c -> !c.isEmpty() && c.isVisible())
                .map(c -> (ListCell<Element>) c)
                .sorted(Comparator.comparingInt(ListCell::getIndex))
                .toList();
    }
}
