package rondel.job;

import java.util.Optional;
import rondel.geometry.Outline;

/** Live text with the outlines it was last shaped to: what is painted and written is always these outlines.
 *
 * @param outline the shaped glyphs, the first baseline running through the origin, where text that starts there starts */
public record TextElement(Traits traits, Lettering lettering, Outline outline, Paint fill, Optional<Stroke> stroke)
        implements Element {

    public String content() {
        return lettering.content();
    }

    public FontChoice font() {
        return lettering.font();
    }

    /** The same text said or set otherwise, with the outlines that makes. */
    public TextElement withLettering(Lettering other, Outline shaped) {
        return new TextElement(traits, other, shaped, fill, stroke);
    }

    public TextElement withFill(Paint other) {
        return new TextElement(traits, lettering, outline, other, stroke);
    }

    public TextElement withStroke(Optional<Stroke> other) {
        return new TextElement(traits, lettering, outline, fill, other);
    }

    @Override
    public TextElement withTraits(Traits other) {
        return new TextElement(other, lettering, outline, fill, stroke);
    }

    @Override
    public String kind() {
        return "text";
    }
}
