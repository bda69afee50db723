package rondel.job;

import java.util.Optional;
import rondel.geometry.Outline;

/** Live text with the outlines it was last shaped to: what is painted and written is always these outlines.
 *
 * @param size the em, in the element's own space
 * @param tracking extra space after each cluster, in the element's own space
 * @param outline the shaped glyphs, the first baseline starting at the origin for text that starts there */
public record TextElement(
        Traits traits,
        String content,
        FontChoice font,
        double size,
        double tracking,
        TextAlign align,
        Outline outline,
        Paint fill,
        Optional<Stroke> stroke)
        implements Element {

    public TextElement withFill(Paint other) {
        return new TextElement(traits, content, font, size, tracking, align, outline, other, stroke);
    }

    public TextElement withStroke(Optional<Stroke> other) {
        return new TextElement(traits, content, font, size, tracking, align, outline, fill, other);
    }

    @Override
    public TextElement withTraits(Traits other) {
        return new TextElement(other, content, font, size, tracking, align, outline, fill, stroke);
    }

    @Override
    public String kind() {
        return "text";
    }
}
