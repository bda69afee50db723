package rondel.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;

/** The way of the keyboard from part to part of the window: into each at what it had the keyboard in last, else at its first stop. */
final class WindowWays {

    private static final String LAST = "rondel.focus.last";

    private final List<Parent> parts;

    /** @param parts in their order; those that can't be seen or have no stop are passed over */
    WindowWays(List<Parent> parts) {
        this.parts = parts;
    }

    /** Goes on, or back, from the part that a node is in. */
    void go(Node from, boolean on) {
        int here = -1;
        for (int i = 0; i < parts.size(); i++) {
            if (isIn(from, parts.get(i))) {
                here = i;
                parts.get(i).getProperties().put(LAST, from);
            }
        }
        int step = on ? 1 : -1;
        int start = here < 0 ? (on ? -1 : 0) : here;
        for (int k = 1; k <= parts.size(); k++) {
            Parent part = parts.get(Math.floorMod(start + k * step, parts.size()));
            Optional<Node> stop = stop(part);
            if (stop.isPresent()) {
                stop.get().requestFocus();
                return;
            }
        }
    }

    private static Optional<Node> stop(Parent part) {
        return part.getProperties().get(LAST) instanceof Node last && isStop(last) && isIn(last, part)
                ? Optional.of(last)
                : first(part);
    }

    private static Optional<Node> first(Parent part) {
        if (isStop(part)) {
            return Optional.of(part);
        }
        for (Node child : part.getChildrenUnmodifiable()) {
            Optional<Node> found = child instanceof Parent inner
                    ? first(inner)
                    : isStop(child) ? Optional.of(child) : Optional.empty();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** Whether the keyboard can stop there. */
    private static boolean isStop(Node node) {
        if (!node.isFocusTraversable() || node.isDisabled() || node.getScene() == null) {
            return false;
        }
        for (Node n = node; n != null; n = n.getParent()) {
            if (!n.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private static boolean isIn(Node node, Parent part) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n == part) {
                return true;
            }
        }
        return false;
    }
}
