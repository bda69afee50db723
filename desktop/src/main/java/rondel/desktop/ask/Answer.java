package rondel.desktop.ask;

import java.util.Optional;
import rondel.desktop.command.Command;
import rondel.formats.shelf.Thing;
import rondel.words.Words;

/** What the ask field offers for what was typed. */
sealed interface Answer {

    String label();

    /** What it does, in one sentence. */
    String does();

    /** Its keys as they are written; empty for none. */
    String keys();

    /** What is missing before it can be used. */
    Optional<String> needs();

    /** A command. */
    record Doing(Command command) implements Answer {

        @Override
        public String label() {
            return command.label();
        }

        @Override
        public String does() {
            return command.does();
        }

        @Override
        public String keys() {
            return command.keys().map(k -> k.getDisplayText()).orElse("");
        }

        @Override
        public Optional<String> needs() {
            return command.needs();
        }
    }

    /** A thing of the shelf, to be placed. */
    record Placing(Thing thing) implements Answer {

        @Override
        public String label() {
            return Words.of("ask.place", thing.title());
        }

        @Override
        public String does() {
            return thing.set().isEmpty() ? Words.of("does.thingPlace") : Words.of("ask.fromSet", thing.set());
        }

        @Override
        public String keys() {
            return "";
        }

        @Override
        public Optional<String> needs() {
            return Optional.empty();
        }
    }
}
