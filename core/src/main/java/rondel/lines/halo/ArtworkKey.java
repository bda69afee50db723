package rondel.lines.halo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Located;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

/** What it depends on what artwork covers, but for where on the sheet it is: the same content, turned and sized
 *  the same, and standing the same to each other.
 *
 * @param threshold from which opacity, 0 to 1, a pixel of a picture counts */
record ArtworkKey(List<Part> parts, double threshold) {

    /** One element.
     *
     * @param linear from its own space to the sheet, without the move
     * @param offset from the first element's origin to its own, in mm */
    record Part(Content content, Affine linear, Point offset) {}

    /** What makes up an element's content, without what it is called and what it follows: two that came from the same file, or were
     *  copied, are equal. What is one object is told at once; else values are compared. */
    static final class Content {
        private final Object[] made;
        private final int hash;

        private Content(Object... made) {
            this.made = made;
            this.hash = Arrays.stream(made).mapToInt(Content::hash).reduce(1, (a, b) -> 31 * a + b);
        }

        /** A child of a group, as it lies there. */
        private record Child(Content content, Affine placement, double opacity, Role role) {}

        static Content of(Element e) {
            return switch (e) {
                case ShapeElement s ->
                    new Content(s.outline(), s.rule(), s.fill(), s.stroke().orElse(null), s.hidden());
                case TextElement t ->
                    new Content(t.outline(), t.fill(), t.stroke().orElse(null), t.hidden());
                case PictureElement p -> new Content(p.media(), p.frame(), p.hidden());
                case CopyElement c -> new Content(c.content(), c.hidden());
                case GroupElement g ->
                    new Content(
                            g.children().stream()
                                    .map(c -> new Child(of(c), c.placement(), c.opacity(), c.role()))
                                    .toList(),
                            g.clip().map(c -> c.outline()).orElse(null),
                            g.mask().orElse(null),
                            g.hidden());
            };
        }

        /** Cheap for outlines, which may be long: their bounds tell them apart. */
        private static int hash(Object part) {
            return part instanceof Outline o ? o.size() + 31 * o.bounds().hashCode() : Objects.hashCode(part);
        }

        @Override
        public boolean equals(Object other) {
            if (this == other) {
                return true;
            }
            boolean same = other instanceof Content c && c.made.length == made.length && c.hash == hash;
            for (int i = 0; same && i < made.length; i++) {
                same = made[i] == ((Content) other).made[i] || Objects.equals(made[i], ((Content) other).made[i]);
            }
            return same;
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    /** @param artwork at least one element */
    static ArtworkKey of(List<Located> artwork, double threshold) {
        Point origin = origin(artwork);
        List<Part> parts = new ArrayList<>();
        for (Located l : artwork) {
            Affine own = l.ownToSheet();
            parts.add(new Part(
                    Content.of(l.element()),
                    new Affine(own.a(), own.b(), own.c(), own.d(), 0, 0),
                    new Point(own.e() - origin.x(), own.f() - origin.y())));
        }
        return new ArtworkKey(parts, threshold);
    }

    /** Where on the sheet the first element's own origin is. */
    static Point origin(List<Located> artwork) {
        Affine own = artwork.getFirst().ownToSheet();
        return new Point(own.e(), own.f());
    }
}
