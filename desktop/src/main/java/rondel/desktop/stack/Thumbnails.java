package rondel.desktop.stack;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import rondel.desktop.app.Workers;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.SheetScene;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.paint.PaintedExtent;
import rondel.paint.PictureSource;

/** Small pictures of elements, painted in the background; the last ones looked at are kept. */
public final class Thumbnails {

    /** An element by its identity: equal ones are not worth comparing. */
    private static final class Key {
        private final Element element;

        Key(Element element) {
            this.element = element;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Key k && k.element == element;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(element);
        }
    }

    private final Workers workers;
    private final PictureSource pictures;
    private final java.util.LinkedHashMap<Key, Image> kept = new java.util.LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Image> eldest) {
            return size() > 2000;
        }
    };

    public Thumbnails(Workers workers, PictureSource pictures) {
        this.workers = workers;
        this.pictures = pictures;
    }

    /** Gives the picture of an element in a square, now or when it is painted. */
    public void of(SheetScene scene, Element element, double side, Consumer<Image> ready) {
        Key key = new Key(element);
        Image known = kept.get(key);
        if (known != null) {
            ready.accept(known);
            return;
        }
        workers.paint(
                () -> paint(scene, element, side),
                image -> image.ifPresent(i -> {
                    kept.put(key, i);
                    ready.accept(i);
                }));
    }

    private Optional<Image> paint(SheetScene scene, Element element, double side) {
        Element shown = element.with(t -> t.withHidden(false));
        return PaintedExtent.of(shown, Affine.IDENTITY)
                .filter(b -> b.width() > 0 || b.height() > 0)
                .map(b -> ScenePainting.small(scene, List.of(shown), b, side, pictures));
    }
}
