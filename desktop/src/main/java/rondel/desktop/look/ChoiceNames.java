package rondel.desktop.look;

import java.util.function.Function;
import javafx.util.StringConverter;

/** Shows the values of a choice by a word for each; nothing is ever typed into a choice. */
public final class ChoiceNames<T> extends StringConverter<T> {

    private final Function<T, String> word;

    public ChoiceNames(Function<T, String> word) {
        this.word = word;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : word.apply(value);
    }

    @Override
    public T fromString(String text) {
        throw new IllegalStateException(text);
    }
}
