package rondel.desktop.field;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What presses a card, as it does a button: Enter or Space; with Ctrl or Alt they are keys of commands. */
public final class PressKey {

    private PressKey() {}

    public static boolean is(KeyEvent e) {
        return (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) && !e.isShortcutDown() && !e.isAltDown();
    }
}
