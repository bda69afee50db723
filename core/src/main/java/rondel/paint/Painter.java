package rondel.paint;

import java.awt.AlphaComposite;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import org.slf4j.LoggerFactory;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.progress.Cancellation;
import rondel.words.Refusal;

/**
 * Paints sheets and elements onto a Graphics2D whose transform takes mm to pixels and whose clip is its picture. The one painter for screen,
 * thumbnails and pictures, so that what is seen is what is made. Safe on any thread; a graphics is used by one thread.
 */
public final class Painter {

    private final Map<MediaId, Media> media;
    private final PictureSource pictures;
    private final Predicate<Element> shown;
    private final FinestLines finest;
    private final BiConsumer<Element, Throwable> failed;

    public Painter(Map<MediaId, Media> media, PictureSource pictures) {
        this(media, pictures, Painter::made, new FinestLines(0), Painter::log);
    }

    private Painter(
            Map<MediaId, Media> media,
            PictureSource pictures,
            Predicate<Element> shown,
            FinestLines finest,
            BiConsumer<Element, Throwable> failed) {
        this.media = media;
        this.pictures = pictures;
        this.shown = shown;
        this.finest = finest;
        this.failed = failed;
    }

    private static boolean made(Element e) {
        return !e.hidden() && e.role() != Role.GUIDE;
    }

    /** What is in a copy has the ids of the design: leaving out something of the design does not mean the copies. */
    private Painter inCopies() {
        return new Painter(media, pictures, Painter::made, finest, failed);
    }

    private static void log(Element e, Throwable why) {
        LoggerFactory.getLogger(Painter.class).warn("“{}” can't be painted", e.name(), why);
    }

    /** A painter that tells what it can't paint. In its place stands a marked box, and the rest is painted. */
    public Painter telling(BiConsumer<Element, Throwable> listener) {
        return new Painter(media, pictures, shown, finest, listener);
    }

    /** A painter that leaves these elements out, wherever in the tree they stand. */
    public Painter without(java.util.Set<ElementId> ids) {
        return ids.isEmpty()
                ? this
                : new Painter(media, pictures, e -> shown.test(e) && !ids.contains(e.id()), finest, failed);
    }

    /** A painter for small pictures that are looked at, not made: hairlines, and lines that are not printed, come out this wide
     *  where they would be finer.
     *
     * @param pixels how wide, in pixels */
    public Painter withLinesFrom(double pixels) {
        return new Painter(media, pictures, shown, new FinestLines(pixels), failed);
    }

    /** Paints the paper, where the sheet has a colour, and all elements; what reaches past the trim is painted too. */
    public void sheet(Graphics2D g, Sheet sheet) {
        sheet.paper().ifPresent(colour -> {
            g.setColor(Colours.awt(colour));
            Box t = sheet.trim();
            g.fill(new java.awt.geom.Rectangle2D.Double(t.x(), t.y(), t.width(), t.height()));
        });
        elements(g, sheet.elements());
    }

    /** Paints elements back to front. */
    public void elements(Graphics2D g, List<Element> elements) {
        SheetScale.of(g);
        LayerBudget.begin(g);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        for (Element e : elements) {
            Cancellation.check();
            if (shown.test(e)) {
                guarded(g, e);
            }
        }
    }

    /** One element that can't be painted does not keep the others from it. */
    private void guarded(Graphics2D g, Element e) {
        AffineTransform before = g.getTransform();
        if (!(Math.abs(Affine.of(before).determinant() * e.placement().determinant()) > 0)) {
            return; // it has no area, however large its strokes are
        }
        Shape clip = g.getClip();
        Composite composite = g.getComposite();
        long held = LayerBudget.held(g);
        try {
            element(g, e);
        } catch (CancellationException calledOff) {
            throw calledOff;
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError why) {
            g.setTransform(before);
            g.setClip(clip);
            g.setComposite(composite);
            LayerBudget.holding(g, held);
            failed.accept(e, why);
            MarkedBox.paint(g, e);
        }
    }

    private void element(Graphics2D g, Element written) {
        Element e = PositionedStroke.spelled(written);
        if (e.opacity() <= 0) {
            return;
        }
        if (e.traits().shadow().isPresent()) {
            Element bare = e.with(t -> t.withShadow(Optional.empty()));
            ShadowPainting.under(g, e, SheetScale.of(g), on -> element(on, bare));
            element(g, bare);
            return;
        }
        if (!inView(g, e)) {
            return;
        }
        Affine own = Affine.of(g.getTransform()).times(e.placement());
        PaintBound.problem(
                        e,
                        own,
                        Affine.scale(1 / SheetScale.of(g), 1 / SheetScale.of(g)).times(own))
                .ifPresent(key -> {
                    throw Refusal.of(key, e.name());
                });
        AffineTransform before = g.getTransform();
        switch (e) {
            case ShapeElement s -> {
                g.transform(s.placement().toAwt());
                drawn(g, s.outline(), s.rule(), s.fill(), finest.painted(g, s, s.stroke()), s.opacity());
            }
            case TextElement t -> {
                g.transform(t.placement().toAwt());
                drawn(g, t.outline(), FillRule.NON_ZERO, t.fill(), finest.painted(g, t, t.stroke()), t.opacity());
            }
            case PictureElement p -> {
                g.transform(p.placement().toAwt());
                PicturePainting.paint(g, p, media.get(p.media()), pictures);
            }
            case GroupElement group -> group(g, group);
            case CopyElement copy -> inCopies().group(g, copy.asGroup());
        }
        g.setTransform(before);
    }

    private static boolean inView(Graphics2D g, Element e) {
        if (e instanceof GroupElement) {
            return true; // what is in it is looked at one by one
        }
        Optional<Box> ink = PaintedExtent.rough(e, Affine.of(g.getTransform()));
        Rectangle view = Layer.deviceClip(g);
        return ink.isPresent() && ink.get().grown(1).intersects(new Box(view.x, view.y, view.width, view.height));
    }

    private void drawn(
            Graphics2D g, Outline outline, FillRule rule, Paint fill, Optional<Stroke> stroke, double opacity) {
        boolean filled = fill.visible();
        boolean stroked = stroke.isPresent() && stroke.get().visible();
        if (opacity < 1 && filled && stroked) {
            Layer layer = Layer.over(g, InkBox.of(outline, stroke.get(), Affine.of(g.getTransform())));
            drawn(layer.graphics(), outline, rule, fill, stroke, 1);
            layer.flatten(opacity);
            return;
        }
        Composite before = g.getComposite();
        if (opacity < 1) {
            g.setComposite(AlphaComposite.SrcOver.derive((float) opacity));
        }
        Shape shape = outline.toShape(rule);
        if (filled) {
            area(g, shape, outline.bounds(), fill);
        }
        if (stroked) {
            line(g, shape, outline.bounds(), stroke.get());
        }
        g.setComposite(before);
    }

    private void area(Graphics2D g, Shape shape, Optional<Box> bounds, Paint paint) {
        if (paint instanceof Paint.Tiles tiles) {
            tiles(g, shape, bounds, tiles);
        } else {
            g.setPaint(Colours.awt(paint));
            g.fill(shape);
        }
    }

    private void line(Graphics2D g, Shape shape, Optional<Box> bounds, Stroke stroke) {
        Optional<Double> tint = PaintBound.tint(stroke, Affine.of(g.getTransform()));
        java.awt.Stroke pen = Pens.of(tint.isEmpty() ? stroke : stroke.whole());
        if (stroke.paint() instanceof Paint.Tiles tiles) {
            tiles(g, pen.createStrokedShape(shape), bounds.map(b -> b.grown(stroke.width() * 2)), tiles);
        } else {
            g.setPaint(Colours.awt(stroke.paint()));
            g.setStroke(pen);
            Composite before = g.getComposite();
            Pens.thinness(stroke, Affine.of(g.getTransform())).ifPresent(share -> g.setComposite(faded(before, share)));
            tint.ifPresent(share -> g.setComposite(faded(g.getComposite(), share)));
            g.draw(shape);
            g.setComposite(before);
        }
    }

    private static Composite faded(Composite composite, double share) {
        float alpha = composite instanceof AlphaComposite a ? a.getAlpha() : 1;
        return AlphaComposite.SrcOver.derive((float) (alpha * share));
    }

    /** Paints every copy of the tile that reaches the shape, then keeps what is inside the shape. */
    private void tiles(Graphics2D g, Shape shape, Optional<Box> bounds, Paint.Tiles tiles) {
        Optional<Affine> back = tiles.placement().inverse();
        Box tile = tiles.tile();
        if (back.isEmpty() || bounds.isEmpty() || !(tile.width() > 0 && tile.height() > 0)) {
            return;
        }
        Layer layer = Layer.over(g);
        Graphics2D inside = layer.graphics();
        Optional<Affine> toUser = Affine.of(inside.getTransform()).inverse();
        Rectangle device = Layer.deviceClip(inside);
        Box view = toUser.map(u -> new Box(device.x, device.y, device.width, device.height).transformed(u))
                .orElse(bounds.get());
        Optional<Box> reach = bounds.get().intersection(view).map(b -> b.transformed(back.get()));
        if (reach.isPresent()) {
            inside.transform(tiles.placement().toAwt());
            new TilePainting(this, tiles).cover(inside, reach.get());
            layer.keepInside(shape);
            layer.flatten(1);
        }
    }

    private void group(Graphics2D g, GroupElement group) {
        boolean clipped = group.clip().isPresent() && !clipIsIdle(group);
        if (group.opacity() >= 1 && !clipped && group.mask().isEmpty()) {
            g.transform(group.placement().toAwt());
            elements(g, group.children());
            return;
        }
        Optional<Box> ink = InkBox.of(g, group);
        if (ink.isEmpty()) {
            return;
        }
        g.transform(group.placement().toAwt());
        Layer layer = Layer.over(g, ink.get());
        elements(layer.graphics(), group.children());
        if (clipped) {
            layer.keepInside(
                    group.clip().get().outline().toShape(group.clip().get().rule()));
        }
        group.mask().ifPresent(mask -> {
            Layer veil = Layer.over(layer.graphics());
            veil.graphics().clip(Outline.rectangle(mask.area()).toShape(FillRule.NON_ZERO));
            elements(veil.graphics(), mask.content());
            layer.keepWhere(veil, mask.kind());
        });
        layer.flatten(group.opacity());
    }

    /** A rectangular clip around everything changes nothing. */
    private static boolean clipIsIdle(GroupElement group) {
        Outline clip = group.clip().orElseThrow().outline();
        Optional<Box> box = clip.bounds();
        return box.isPresent()
                && clip.equals(Outline.rectangle(box.get()))
                && group.children().stream().allMatch(c -> PaintedExtent.of(c, Affine.IDENTITY)
                        .map(box.get()::contains)
                        .orElse(true));
    }
}
