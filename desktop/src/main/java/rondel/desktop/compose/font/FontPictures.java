package rondel.desktop.compose.font;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import rondel.cache.LastUsed;
import rondel.desktop.desk.Workers;
import rondel.desktop.look.FxPictures;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.text.Typesetter;
import rondel.words.Refusal;

/** Pictures of a few words in many fonts, painted in the background; those looked at last are kept, and all others let go. */
final class FontPictures {

    static final int WIDTH = 160;
    static final int HEIGHT = 30;

    private static final int KEPT = 150;
    private static final double EM = 19;
    private static final Color INK = new Color(0x16, 0x40, 0x3d);

    /** How fine they are painted, for displays of twice the density. */
    private static final int DENSITY = 2;

    private record Key(FontChoice font, String words) {}

    private final Workers workers;
    private final Typesetter typesetter;
    private final Map<Key, Optional<Image>> kept = new LastUsed<>(KEPT);

    FontPictures(Workers workers, Typesetter typesetter) {
        this.workers = workers;
        this.typesetter = typesetter;
    }

    /** Gives the picture, now or when it is painted; nothing where the font can't set the words.
     *
     * @param wanted asked before it is painted, as a list scrolls on meanwhile */
    void of(FontChoice font, String words, java.util.function.BooleanSupplier wanted, Consumer<Optional<Image>> ready) {
        Key key = new Key(font, words);
        Optional<Image> known = kept.get(key);
        if (known != null) {
            ready.accept(known);
            return;
        }
        workers.paint(() -> wanted.getAsBoolean() ? painted(font, words) : Optional.<BufferedImage>empty(), painted -> {
            if (wanted.getAsBoolean()) {
                Optional<Image> image = painted.map(FxPictures::of);
                kept.put(key, image);
                ready.accept(image);
            }
        });
    }

    private Optional<BufferedImage> painted(FontChoice font, String words) {
        try {
            Outline outline = typesetter.outline(Lettering.plain(words, font, EM));
            Optional<Box> box = outline.bounds();
            if (box.isEmpty()) {
                return Optional.empty();
            }
            double fit = Math.min(
                    1,
                    Math.min(
                            (WIDTH - 4) / box.get().width(),
                            (HEIGHT - 2) / box.get().height()));
            BufferedImage image = new BufferedImage(WIDTH * DENSITY, HEIGHT * DENSITY, BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D g = image.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            g.scale(DENSITY, DENSITY);
            double x = 2 - box.get().x() * fit;
            double y = HEIGHT / 2.0 - box.get().centre().y() * fit;
            g.setColor(INK);
            g.fill(outline.transformed(Affine.translate(x, y).times(Affine.scale(fit, fit)))
                    .toShape(FillRule.NON_ZERO));
            g.dispose();
            return Optional.of(image);
        } catch (Refusal e) {
            return Optional.empty();
        }
    }
}
