package rondel.job;

import java.util.List;
import java.util.Optional;
import rondel.fields.LeftOut;

/** What a person has said of a pass.
 *
 * @param name instead of the usual one; nothing where it is empty
 * @param joined passes whose lines are made in this one
 * @param lines elements of the sheet whose lines are made in this pass, whatever the rules say
 * @param skipped whether it is left out
 * @param done what its lines were when it was done, so that lines that changed since are told
 * @param matching whether shapes are cut beside it by which layers are laid over each other
 * @param weeding lines that help to peel off what is not wanted */
public record PassSettings(
        PassKey key,
        @LeftOut("") String name,
        @LeftOut("[]") List<PassKey> joined,
        @LeftOut("[]") List<ElementId> lines,
        @LeftOut("false") boolean skipped,
        Optional<String> done,
        @LeftOut("false") boolean matching,
        @LeftOut("none") Weeding weeding) {

    /** Which lines are cut around what is made, so that the rest comes off in parts. */
    public enum Weeding {
        NONE,
        /** One box around all. */
        BOX,
        /** A box around each group and each thing that stands alone. */
        GROUPS
    }

    public PassSettings {
        joined = List.copyOf(joined);
        lines = List.copyOf(lines);
    }

    public static PassSettings of(PassKey key) {
        return new PassSettings(key, "", List.of(), List.of(), false, Optional.empty(), false, Weeding.NONE);
    }

    public PassSettings withName(String other) {
        return new PassSettings(key, other, joined, lines, skipped, done, matching, weeding);
    }

    public PassSettings withJoined(List<PassKey> other) {
        return new PassSettings(key, name, other, lines, skipped, done, matching, weeding);
    }

    public PassSettings withLines(List<ElementId> other) {
        return new PassSettings(key, name, joined, other, skipped, done, matching, weeding);
    }

    public PassSettings skipped(boolean other) {
        return new PassSettings(key, name, joined, lines, other, done, matching, weeding);
    }

    public PassSettings withDone(Optional<String> other) {
        return new PassSettings(key, name, joined, lines, skipped, other, matching, weeding);
    }

    public PassSettings matching(boolean other) {
        return new PassSettings(key, name, joined, lines, skipped, done, other, weeding);
    }

    public PassSettings withWeeding(Weeding other) {
        return new PassSettings(key, name, joined, lines, skipped, done, matching, other);
    }

    /** Whether it says anything that is not usual. */
    public boolean isUsual() {
        return equals(of(key)) && key.number() == 0;
    }
}
