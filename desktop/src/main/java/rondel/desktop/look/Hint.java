package rondel.desktop.look;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/** What something tells the pointer that rests on it, and a screen reader that asks for help. The popup is made when the pointer first comes: a window
 *  has hundreds of hints, each in a scene of its own, and a person sees few of them. */
public final class Hint {

    private Hint() {}

    public static void on(Node node, String text) {
        on(node, () -> text);
        node.setAccessibleHelp(text);
    }

    /** In the place of what the node told before.
     *
     * @param text asked for whenever the pointer comes; while it is empty nothing shows */
    public static void on(Node node, Supplier<String> text) {
        if (node.getProperties().get(Hint.class) instanceof Shown before) {
            before.text = text;
        } else {
            Shown first = new Shown(node, text);
            node.getProperties().put(Hint.class, first);
            node.addEventHandler(MouseEvent.MOUSE_ENTERED, first);
        }
    }

    private static final class Shown implements EventHandler<MouseEvent> {

        private final Node node;
        private Supplier<String> text;
        private Optional<Tooltip> tooltip = Optional.empty();

        Shown(Node node, Supplier<String> text) {
            this.node = node;
            this.text = text;
        }

        @Override
        public void handle(MouseEvent entered) {
            String said = text.get();
            if (said.isEmpty()) {
                tooltip.ifPresent(t -> Tooltip.uninstall(node, t));
                tooltip = Optional.empty();
            } else if (tooltip.isPresent()) {
                tooltip.get().setText(said);
            } else {
                Tooltip made = new Tooltip(said);
                Tooltip.install(node, made);
                tooltip = Optional.of(made);
            }
        }
    }
}
