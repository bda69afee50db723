package rondel.job;

import java.util.Optional;
import rondel.fields.LeftOut;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;

/** The outline inside which a group shows, in the group's own space.
 *
 * @param from the element whose outline it is, kept so that it can be given back; its parent is the group */
public record Clip(Outline outline, @LeftOut("non-zero") FillRule rule, Optional<Element> from) {

    public Clip(Outline outline, FillRule rule) {
        this(outline, rule, Optional.empty());
    }
}
