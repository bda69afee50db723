package rondel.desktop.app;

import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import rondel.desktop.command.CommandScope;
import rondel.desktop.command.Commands;

/** What keys of the window mean: commands, unless what has the keyboard has keys of its own.
 *
 * @param shelf whose keys are about things on it */
record WindowKeys(Commands commands, Node shelf) {

    void key(KeyEvent e) {
        boolean elsewhere = hasKeysOfItsOwn(e.getTarget());
        commands.matching(e).ifPresent(command -> {
            boolean meant = !elsewhere || CommandScope.worksInFields(command);
            if (meant && command.enabled().getAsBoolean()) {
                command.run();
                e.consume();
            } else if (!meant) {
                e.consume(); // or the menu's accelerator would do it after all
            }
        });
    }

    /** Whether keys that are pressed there are about what is there, and not about the sheet: in fields, in lists, on the shelf. */
    private boolean hasKeysOfItsOwn(EventTarget target) {
        if (target instanceof TextInputControl) {
            return true;
        }
        for (Node at = target instanceof Node n ? n : null; at != null; at = at.getParent()) {
            if (at == shelf || at instanceof ListView<?> && !"cards".equals(at.getId())) {
                return true;
            }
        }
        return false;
    }
}
