package rondel.compose.slot;

import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.operation.Targets;
import rondel.words.Refusal;

/** What the operations on windows have in common. */
final class Slots {

    private Slots() {}

    /** @throws Refusal if it is none */
    static GroupElement of(Element e) {
        if (e instanceof GroupElement g && g.slot().isPresent()) {
            return g;
        }
        throw Refusal.of("window.none", Targets.display(e));
    }
}
