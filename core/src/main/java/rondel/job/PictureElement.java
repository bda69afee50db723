package rondel.job;

import rondel.geometry.Box;

/** A picture stretched over {@code frame}, which is in the element's own space. */
public record PictureElement(Traits traits, MediaId media, Box frame) implements Element {

    @Override
    public PictureElement withTraits(Traits other) {
        return new PictureElement(other, media, frame);
    }

    @Override
    public String kind() {
        return "picture";
    }
}
