package rondel.desktop.app;

import java.util.function.Consumer;

/** Sentences for the person, shown in the status bar: what went wrong, or what was done. */
public final class Notices {

    private Consumer<String> said = s -> {};
    private Consumer<String> refused = s -> {};

    public void showIn(Consumer<String> onSaid, Consumer<String> onRefused) {
        said = onSaid;
        refused = onRefused;
    }

    public void say(String sentence) {
        said.accept(sentence);
    }

    public void refuse(String sentence) {
        refused.accept(sentence);
    }
}
