package rondel.lines.check;

import java.util.Optional;
import rondel.job.ElementId;
import rondel.words.Words;

/** One thing that a check or a reader noticed.
 *
 * @param code the sentence's key in the bundle, for programs
 * @param sentence what, where and what to do, for people
 * @param element what it is about, where it is about one element
 * @param fix what would mend it, where an operation can */
public record Finding(Severity severity, String code, String sentence, Optional<ElementId> element, Optional<Fix> fix) {

    /** A finding whose sentence is in the bundle under {@code finding.} and {@code code}. */
    public static Finding of(Severity severity, String code, Object... values) {
        return new Finding(severity, code, Words.of("finding." + code, values), Optional.empty(), Optional.empty());
    }

    public Finding about(ElementId id) {
        return new Finding(severity, code, sentence, Optional.of(id), fix);
    }

    public Finding mendedBy(Fix other) {
        return new Finding(severity, code, sentence, element, Optional.of(other));
    }
}
