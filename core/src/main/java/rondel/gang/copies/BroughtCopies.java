package rondel.gang.copies;

import java.util.List;
import java.util.Optional;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;

/** Copies that come into a job from elsewhere: where the job has the very design they show, they are copies of it; else they are things of their
 *  own, as an id that is there by chance means something else. */
public final class BroughtCopies {

    private BroughtCopies() {}

    /** The elements as they are to be placed in a job. */
    public static List<Element> into(Job job, List<Element> elements) {
        DesignContents contents = new DesignContents(job);
        return elements.stream().map(e -> brought(job, e, contents)).toList();
    }

    private static Element brought(Job job, Element e, DesignContents contents) {
        return switch (e) {
            case CopyElement c -> {
                boolean known = DesignContents.isThere(job, c.of())
                        && contents.of(c.of()).equals(c.content());
                yield known ? c.withPlanned(Optional.empty()) : c.asGroup();
            }
            case GroupElement g ->
                g.withChildren(g.children().stream()
                        .map(x -> brought(job, x, contents))
                        .toList());
            default -> e;
        };
    }
}
