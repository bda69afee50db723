package rondel.compose.tryout;

import java.util.ArrayList;
import java.util.List;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.operation.Targets;
import rondel.words.Refusal;

/** What the try-out operations have in common. */
public final class TryOuts {

    private TryOuts() {}

    /** @throws Refusal if it is none */
    static GroupElement of(Element e) {
        if (e instanceof GroupElement g && g.isTryOut()) {
            return g;
        }
        throw Refusal.of("tryout.none", Targets.display(e));
    }

    /** Which of the alternatives is shown, from 0; the first where none is. */
    public static int shown(GroupElement tryOut) {
        for (int i = 0; i < tryOut.children().size(); i++) {
            if (!tryOut.children().get(i).hidden()) {
                return i;
            }
        }
        return 0;
    }

    /** The try-out with one of its alternatives shown and all others hidden. */
    public static GroupElement showing(GroupElement tryOut, int shown) {
        List<Element> children = new ArrayList<>();
        for (int i = 0; i < tryOut.children().size(); i++) {
            boolean hidden = i != shown;
            Element child = tryOut.children().get(i);
            children.add(child.hidden() == hidden ? child : child.with(t -> t.withHidden(hidden)));
        }
        return tryOut.withChildren(children);
    }
}
