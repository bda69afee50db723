package rondel.devices.cutter;

import rondel.words.Words;

/** How sending a route ended.
 *
 * @param taken how many strokes the machine has taken whole
 * @param of how many
 * @param end why it ended
 * @param detail what the machine or the line says of it */
public record CutOutcome(int taken, int of, End end, String detail) {

    /** Why sending ends. */
    public enum End {
        DONE,
        STOPPED,
        /** The line broke. */
        BROKEN,
        /** The machine says that something is wrong. */
        MACHINE_ERROR,
        /** It takes nothing, or does not answer any more. */
        SILENT
    }

    public boolean isDone() {
        return end == End.DONE;
    }

    /** In a sentence. */
    public String sentence() {
        return Words.of("cut.end." + end, String.valueOf(taken), String.valueOf(of), detail);
    }
}
