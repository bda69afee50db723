package rondel.desktop.sheet;

import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import rondel.desktop.compose.text.TextInPlace;
import rondel.text.TextCaret;

/** What keys do to a text that is edited where it stands. */
final class CaretKeys {

    private CaretKeys() {}

    /** A key that goes down; true where it meant the text. Those with Shortcut that mean no text are left to the commands. */
    static boolean pressed(TextInPlace text, KeyEvent e) {
        boolean extend = e.isShiftDown();
        if (e.isShortcutDown() && !isMove(e.getCode())) {
            return shortcut(text, e.getCode());
        }
        boolean word = e.isControlDown() || e.isAltDown();
        switch (e.getCode()) {
            case LEFT -> text.edit(c -> c.moved(-1, word, extend));
            case RIGHT -> text.edit(c -> c.moved(1, word, extend));
            case UP -> text.vertically(-1, extend);
            case DOWN -> text.vertically(1, extend);
            case HOME -> text.edit(c -> c.to(word ? 0 : c.lineStart(), extend));
            case END -> text.edit(c -> c.to(word ? c.content().length() : c.lineEnd(), extend));
            case BACK_SPACE -> text.edit(TextCaret::withoutBefore);
            case DELETE -> text.edit(TextCaret::withoutAfter);
            case ENTER -> text.edit(c -> c.typed("\n"));
            case ESCAPE -> text.close();
            case F1, F2, F3, F4, F5, F6, F7, F8, F9, F10, F11, F12, TAB -> {
                return false;
            }
            default -> {} // what it types comes as a typed key
        }
        return true;
    }

    private static boolean isMove(KeyCode code) {
        return switch (code) {
            case LEFT, RIGHT, UP, DOWN, HOME, END, BACK_SPACE, DELETE -> true;
            default -> false;
        };
    }

    private static boolean shortcut(TextInPlace text, KeyCode code) {
        switch (code) {
            case A -> text.edit(c -> new TextCaret(c.content(), c.content().length(), 0));
            case C -> copy(text);
            case X -> {
                copy(text);
                text.edit(c -> c.isSelecting() ? c.typed("") : c);
            }
            case V -> paste(text);
            default -> {
                return false;
            }
        }
        return true;
    }

    private static void copy(TextInPlace text) {
        if (text.caret().isSelecting()) {
            ClipboardContent content = new ClipboardContent();
            content.putString(text.caret().selected());
            Clipboard.getSystemClipboard().setContent(content);
        }
    }

    private static void paste(TextInPlace text) {
        String pasted = Clipboard.getSystemClipboard().getString();
        if (pasted != null) {
            text.edit(c -> c.typed(pasted.replace("\r\n", "\n").replace('\r', '\n')));
        }
    }

    /** A character that was typed. */
    static void typed(TextInPlace text, KeyEvent e) {
        boolean character = !e.getCharacter().isEmpty() && e.getCharacter().codePointAt(0) >= ' ';
        boolean held = e.isMetaDown() || e.isControlDown() && !e.isAltDown();
        if (character && !held && e.getCharacter().codePointAt(0) != 0x7f) {
            text.edit(c -> c.typed(e.getCharacter()));
        }
    }
}
