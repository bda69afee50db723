package rondel.job;

import java.util.Optional;
import rondel.geometry.Box;

/** A picture stretched over {@code frame}, which is in the element's own space.
 *
 * @param cleared what it was before its backdrop was cleared
 * @param seen what of the frame counts for its size, gaps and places, where that is less than all of it: its margins are clear */
public record PictureElement(Traits traits, MediaId media, Box frame, Optional<Cleared> cleared, Optional<Box> seen)
        implements Element {

    public PictureElement(Traits traits, MediaId media, Box frame) {
        this(traits, media, frame, Optional.empty(), Optional.empty());
    }

    public PictureElement(Traits traits, MediaId media, Box frame, Optional<Cleared> cleared) {
        this(traits, media, frame, cleared, Optional.empty());
    }

    @Override
    public PictureElement withTraits(Traits other) {
        return new PictureElement(other, media, frame, cleared, seen);
    }

    public PictureElement withSeen(Optional<Box> other) {
        return new PictureElement(traits, media, frame, cleared, other);
    }

    /** What of it counts for its size and place. */
    public Box measured() {
        return seen.orElse(frame);
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
