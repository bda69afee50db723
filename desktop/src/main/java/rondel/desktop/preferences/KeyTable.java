package rondel.desktop.preferences;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.StreamSupport;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyCombination.Modifier;
import javafx.scene.input.KeyEvent;
import rondel.desktop.command.Command;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.Preferred;
import rondel.words.Words;

/** The keys of commands as the person wants them; no key comes to mean two commands. */
final class KeyTable {

    private final Preferred preferred;
    private final Commands commands;

    KeyTable(Preferred preferred, Commands commands) {
        this.preferred = preferred;
        this.commands = commands;
    }

    /** The commands whose name or key has these letters. */
    List<Command> matching(String typed) {
        String words = typed.strip().toLowerCase(Locale.ROOT);
        return StreamSupport.stream(commands.all().spliterator(), false)
                .filter(c -> !c.id().startsWith("demo-"))
                .filter(c -> (c.label() + " "
                                + c.keys().map(KeyCombination::getDisplayText).orElse(""))
                        .toLowerCase(Locale.ROOT)
                        .contains(words))
                .toList();
    }

    boolean isOwn(Command c) {
        return commands.keys().isOwn(c.id());
    }

    /** Has a key that is pressed mean a command.
     *
     * @return why not, where another has it already */
    Optional<String> choose(Command c, KeyEvent e) {
        KeyCombination key = new KeyCodeCombination(e.getCode(), modifiers(e));
        boolean letter = e.getCode().isLetterKey() || e.getCode().isDigitKey() || e.getCode() == KeyCode.SPACE;
        if (letter && !e.isControlDown() && !e.isMetaDown() && !e.isAltDown()) {
            return Optional.of(Words.of("prefs.plainKey"));
        }
        return set(c, key.getName(), Optional.of(key));
    }

    /** Leaves a command without a key. */
    Optional<String> none(Command c) {
        return set(c, "", Optional.empty());
    }

    /** Gives a command its usual key again.
     *
     * @return why not, where another has that by now */
    Optional<String> usual(Command c) {
        Map<String, String> keys = new HashMap<>(preferred.now().keys());
        keys.remove(c.id());
        Optional<String> other = commands.keys()
                .usualOf(c.id())
                .flatMap(k -> commands.keys().holder(k, c.id()))
                .map(this::name);
        if (other.isPresent()) {
            return other.map(name -> Words.of("prefs.keyTaken", name));
        }
        preferred.change(p -> p.withKeys(keys));
        return Optional.empty();
    }

    private Optional<String> set(Command c, String keys, Optional<KeyCombination> key) {
        Optional<String> other = key.flatMap(k -> commands.keys().holder(k, c.id()));
        if (other.isPresent()) {
            return Optional.of(Words.of("prefs.keyTaken", name(other.get())));
        }
        Map<String, String> all = new HashMap<>(preferred.now().keys());
        all.put(c.id(), keys);
        preferred.change(p -> p.withKeys(all));
        return Optional.empty();
    }

    private String name(String id) {
        return commands.get(id).label();
    }

    private static Modifier[] modifiers(KeyEvent e) {
        List<Modifier> down = new ArrayList<>();
        if (e.isShortcutDown()) {
            down.add(KeyCombination.SHORTCUT_DOWN);
        } else if (e.isControlDown()) {
            down.add(KeyCombination.CONTROL_DOWN);
        }
        if (e.isShiftDown()) {
            down.add(KeyCombination.SHIFT_DOWN);
        }
        if (e.isAltDown()) {
            down.add(KeyCombination.ALT_DOWN);
        }
        return down.toArray(Modifier[]::new);
    }
}
