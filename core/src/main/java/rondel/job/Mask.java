package rondel.job;

import java.util.List;
import rondel.geometry.Box;

/** Elements whose light (or alpha) lets a group through, in the group's own space; outside {@code area} nothing shows. */
public record Mask(List<Element> content, Box area, Kind kind) {

    /** What of the mask's content counts (CSS Masking 1, mask-type). */
    public enum Kind {
        LUMINANCE,
        ALPHA
    }
}
