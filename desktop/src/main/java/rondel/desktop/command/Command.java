package rondel.desktop.command;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;
import rondel.words.Words;

/** Something the person can do by menu or key.
 *
 * @param id its name in the bundle, under {@code command.}
 * @param chosen the key of each command
 * @param enabled whether it would do something now */
public record Command(String id, KeyChoice chosen, BooleanSupplier enabled, Runnable action) {

    /** What means it on the keyboard just now. */
    public Optional<KeyCombination> keys() {
        return chosen.of(id);
    }

    public String label() {
        return Words.of("command." + id);
    }

    /** What it does, in one sentence. */
    public String does() {
        return Words.of("does." + id);
    }

    /** Other words that people have for it. */
    public List<String> otherWords() {
        return Arrays.stream(Words.of("words." + id).split(","))
                .map(String::strip)
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** What it needs before it can be used; nothing where it can. */
    public Optional<String> needs() {
        return enabled.getAsBoolean() ? Optional.empty() : Optional.of(Words.of("needs." + need()));
    }

    /** What is missing where it can't be used: the sheet, where the table names nothing else. */
    private String need() {
        return CommandTable.row(id)
                .map(CommandTable.Row::needs)
                .filter(n -> !n.isEmpty())
                .orElse("sheet");
    }

    /** What a hint says: the label with its keys. */
    public String hint() {
        return keys().map(k -> label() + "  " + k.getDisplayText()).orElse(label());
    }

    public void run() {
        if (enabled.getAsBoolean()) {
            action.run();
        }
    }
}
