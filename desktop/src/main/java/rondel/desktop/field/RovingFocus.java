package rondel.desktop.field;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.event.EventTarget;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.TitledPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Makes a group one stop of the Tab key, inside of which arrow keys, Home and End go from one to the next; the stop is where one was last.
 *
 * @see <a href="https://www.w3.org/WAI/ARIA/apg/practices/keyboard-interface/">WAI-ARIA Authoring Practices, Managing Focus Within
 *     Components Using a Roving tabindex</a> */
public final class RovingFocus {

    /** Marks what is in a group, as all but one of a group are no stops. */
    private static final String MEMBER = "rondel.roving";

    /** What belongs to a group. */
    private enum Members {
        /** What is pressed, and cards. */
        PRESSED,
        /** Fields too; up and down go from row to row. */
        ROWS,
        /** Fields and choices too; left and right go on from a field that is not being typed in, and from a choice. */
        FIELDS
    }

    private final Parent group;
    private final Members kind;
    private Optional<Node> stop = Optional.empty();

    private RovingFocus(Parent group, Members kind) {
        this.group = group;
        this.kind = kind;
        // What comes and goes is known once it is laid out.
        group.needsLayoutProperty().addListener((o, before, needs) -> {
            if (!needs) {
                refresh();
            }
        });
        refresh();
    }

    /** Makes what can be pressed inside of a group one stop; what has arrow keys of its own, as fields and sliders, stays one apart. */
    public static <P extends Parent> P over(P group) {
        group.addEventFilter(KeyEvent.KEY_PRESSED, new RovingFocus(group, Members.PRESSED)::key);
        return group;
    }

    /** Makes rows with fields one stop: up and down go from row to row. */
    public static <P extends Parent> P overRows(P group) {
        group.addEventFilter(KeyEvent.KEY_PRESSED, new RovingFocus(group, Members.ROWS)::key);
        return group;
    }

    /** Makes fields, choices and buttons that belong together one stop: left and right go from one to the next while nothing is typed, as in a
     *  table; up and down step what is in a field. */
    public static <P extends Parent> P overFields(P group) {
        group.addEventFilter(KeyEvent.KEY_PRESSED, new RovingFocus(group, Members.FIELDS)::key);
        return group;
    }

    /** Makes cards one stop that have arrow keys of their own. */
    public static <P extends Parent> P overCards(P group) {
        new RovingFocus(group, Members.PRESSED);
        return group;
    }

    private void refresh() {
        List<Node> members = members();
        if (members.isEmpty()) {
            return;
        }
        Node now = stop.filter(members::contains).orElse(members.getFirst());
        stop = Optional.of(now);
        members.forEach(m -> m.setFocusTraversable(m == now));
    }

    private List<Node> members() {
        List<Node> all = new ArrayList<>();
        collect(group, all);
        return all;
    }

    private void collect(Node at, List<Node> all) {
        if (!at.isVisible() || at.isDisabled()) {
            return;
        }
        if (at != group && isMember(at)) {
            all.add(at);
        }
        boolean closed = at instanceof TitledPane
                || at instanceof TextInputControl
                || at instanceof MenuButton
                || at instanceof ComboBoxBase
                || at instanceof ChoiceBox;
        if (at instanceof Parent parent && (at == group || !closed)) {
            parent.getChildrenUnmodifiable().forEach(c -> collect(c, all));
        }
    }

    private boolean isMember(Node node) {
        Object owner = node.getProperties().get(MEMBER);
        if (owner != null) {
            return owner == this;
        }
        boolean choice = node instanceof ChoiceBox || node instanceof ComboBoxBase;
        boolean ownArrows = node instanceof Slider
                || node instanceof ListView && node != group
                || node instanceof ScrollPane
                || node instanceof TextArea
                || choice && kind != Members.FIELDS
                || node instanceof TextInputControl && kind == Members.PRESSED;
        if (!node.isFocusTraversable() || ownArrows) {
            return false;
        }
        node.getProperties().put(MEMBER, this);
        node.focusedProperty().addListener((o, before, focused) -> {
            if (focused) {
                stop = Optional.of(node);
                refresh();
            }
        });
        return true;
    }

    private void key(KeyEvent e) {
        EventTarget target = e.getTarget();
        if (!(target instanceof Node at)
                || at.getProperties().get(MEMBER) != this
                || e.isAltDown()
                || e.isShortcutDown()
                || e.isShiftDown()) {
            return;
        }
        boolean typing = at instanceof TextInputControl t
                && (kind == Members.ROWS || !t.getSelectedText().equals(t.getText()));
        boolean steps = kind == Members.FIELDS
                        && (at instanceof TextInputControl || at instanceof ChoiceBox || at instanceof ComboBoxBase)
                || at instanceof MenuButton;
        List<Node> members = members();
        int here = members.indexOf(at);
        Optional<Node> to =
                switch (e.getCode()) {
                    case LEFT -> typing ? Optional.empty() : linear(members, here - 1);
                    case RIGHT -> typing ? Optional.empty() : linear(members, here + 1);
                    case UP -> steps ? Optional.empty() : upright(members, at, false);
                    case DOWN -> steps ? Optional.empty() : upright(members, at, true);
                    case HOME -> typing || steps ? Optional.empty() : linear(members, 0);
                    case END -> typing || steps ? Optional.empty() : linear(members, members.size() - 1);
                    default -> Optional.empty();
                };
        boolean along = e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT;
        if (to.isEmpty() && along && !typing) {
            e.consume(); // at an end nothing begins to be typed either
        }
        to.ifPresent(n -> {
            n.requestFocus();
            if (n instanceof TextField field) {
                field.selectAll();
            }
            e.consume();
        });
    }

    private static Optional<Node> linear(List<Node> members, int at) {
        return at >= 0 && at < members.size() ? Optional.of(members.get(at)) : Optional.empty();
    }

    /** The nearest below or above; where all are in one row, the next or the one before. */
    private Optional<Node> upright(List<Node> members, Node at, boolean down) {
        Bounds from = bounds(at);
        Optional<Node> nearest = members.stream()
                .filter(n -> down
                        ? bounds(n).getMinY() >= from.getMaxY() - 1
                        : bounds(n).getMaxY() <= from.getMinY() + 1)
                .min(Comparator.comparingDouble((Node n) -> Math.abs(bounds(n).getCenterY() - from.getCenterY()))
                        .thenComparingDouble(n -> Math.abs(bounds(n).getCenterX() - from.getCenterX())));
        boolean oneRow = members.stream()
                .allMatch(n -> bounds(n).getMinY() < from.getMaxY() && bounds(n).getMaxY() > from.getMinY());
        return nearest.isPresent() || !oneRow ? nearest : linear(members, members.indexOf(at) + (down ? 1 : -1));
    }

    private static Bounds bounds(Node node) {
        return node.localToScene(node.getLayoutBounds());
    }
}
