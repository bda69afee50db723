package rondel.desktop.stack;

import java.lang.ref.WeakReference;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import rondel.cache.LastUsed;
import rondel.desktop.desk.Workers;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.SheetScene;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.paint.PaintedExtent;
import rondel.paint.PictureSource;

/** Small pictures of elements, painted in the background; the last ones looked at are kept. */
public final class Thumbnails {

    /** How an element looks small, and how large it is on the sheet. */
    public record Look(Image image, double width, double height) {}

    /** What an element's look depends on: its content, by identity, and how it is turned and sized; not where it is. A picture that is kept keeps
     *  no content of jobs that are gone. */
    private static final class Key {
        private static final Object NOTHING = new Object();

        private final List<WeakReference<Object>> made;
        private final List<Object> turned;
        private final int hash;

        Key(Element e, Affine toSheet) {
            Affine own = toSheet.times(e.placement());
            List<Object> content = content(e);
            made = content.stream()
                    .map(c -> new WeakReference<>(c == null ? NOTHING : c))
                    .toList();
            turned = List.of(
                    own.a(),
                    own.b(),
                    own.c(),
                    own.d(),
                    e.traits().opacity(),
                    e.traits().shadow());
            hash = content.stream().mapToInt(System::identityHashCode).reduce(turned.hashCode(), (a, b) -> 31 * a + b);
        }

        private static List<Object> content(Element e) {
            return switch (e) {
                case ShapeElement s ->
                    Arrays.asList(s.outline(), s.rule(), s.fill(), s.stroke().orElse(null));
                case TextElement t ->
                    Arrays.asList(t.outline(), t.fill(), t.stroke().orElse(null));
                case PictureElement p -> Arrays.asList(p.media(), p.frame());
                case CopyElement c -> List.of(c.content());
                case GroupElement g ->
                    Arrays.asList(g.children(), g.clip().orElse(null), g.mask().orElse(null), g.use());
            };
        }

        @Override
        public boolean equals(Object other) {
            if (!(other instanceof Key k) || made.size() != k.made.size()) {
                return false;
            }
            boolean same = hash == k.hash && turned.equals(k.turned);
            for (int i = 0; same && i < made.size(); i++) {
                Object content = made.get(i).get();
                same = content != null && content == k.made.get(i).get();
            }
            return same;
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    /** Ten times as many as there is room for on a wide screen; each takes about 35 KB. */
    private static final int KEPT = 250;

    private final Workers workers;
    private final PictureSource pictures;
    private final Map<Key, Look> kept = new LastUsed<>(KEPT);

    public Thumbnails(Workers workers, PictureSource pictures) {
        this.workers = workers;
        this.pictures = pictures;
    }

    /** Gives the look of an element, its picture in a square, now or when it is painted.
     *
     * @param toSheet from its parent's space */
    public void of(SheetScene scene, Element element, Affine toSheet, double side, Consumer<Look> ready) {
        Key key = new Key(element, toSheet);
        Look known = kept.get(key);
        if (known != null) {
            ready.accept(known);
            return;
        }
        workers.paint(
                () -> paint(scene, element, toSheet, side),
                look -> look.ifPresent(l -> {
                    kept.put(key, l);
                    ready.accept(l);
                }));
    }

    private Optional<Look> paint(SheetScene scene, Element element, Affine toSheet, double side) {
        Element shown = element.with(t -> t.withHidden(false));
        Optional<Box> size = Extent.of(shown, toSheet);
        return PaintedExtent.of(shown, Affine.IDENTITY)
                .filter(b -> b.width() > 0 || b.height() > 0)
                .map(b -> new Look(
                        ScenePainting.small(scene, List.of(shown), b, side, pictures),
                        size.map(Box::width).orElse(0.0),
                        size.map(Box::height).orElse(0.0)));
    }
}
