package rondel.job;

import java.util.Optional;
import rondel.fields.LeftOut;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;

/** The outline inside which a group shows, in the group's own space.
 *
 * @param from the element whose outline it is, kept so that it can be given back; its parent is the group
 * @param above in front of how many of what the group holds that element lay */
public record Clip(
        Outline outline,
        @LeftOut("non-zero") FillRule rule,
        Optional<Element> from,
        @LeftOut("0") int above) {

    public Clip(Outline outline, FillRule rule) {
        this(outline, rule, Optional.empty(), 0);
    }

    public Clip(Outline outline, FillRule rule, Optional<Element> from) {
        this(outline, rule, from, 0);
    }

    public Clip withFrom(Element other) {
        return new Clip(outline, rule, Optional.of(other), above);
    }
}
