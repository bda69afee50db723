package rondel.job;

import java.util.Optional;
import rondel.geometry.Box;

/** A picture stretched over {@code frame}, which is in the element's own space.
 *
 * @param cleared what it was before its backdrop was cleared */
public record PictureElement(Traits traits, MediaId media, Box frame, Optional<Cleared> cleared) implements Element {

    public PictureElement(Traits traits, MediaId media, Box frame) {
        this(traits, media, frame, Optional.empty());
    }

    @Override
    public PictureElement withTraits(Traits other) {
        return new PictureElement(other, media, frame, cleared);
    }

    /** The picture as it came. */
    public MediaId whole() {
        return cleared.map(Cleared::whole).orElse(media);
    }

    @Override
    public String kind() {
        return "picture";
    }
}
