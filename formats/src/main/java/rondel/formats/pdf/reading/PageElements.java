package rondel.formats.pdf.reading;

import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javax.imageio.ImageIO;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDVectorFont;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDPattern;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDAbstractPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDShadingPattern;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;
import rondel.formats.picture.PictureReader;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.progress.Cancellation;

/** What a page draws, as elements in mm: layers and clips are groups around what is drawn in them. */
final class PageElements extends PDFGraphicsStreamEngine {

    /** How many things are drawn at most. */
    private static final int MOST = 400_000;

    /** How many pixels a picture may have. */
    private static final long LARGEST = 100_000_000;

    /** How deep forms may lie in forms. */
    private static final int DEEPEST = 40;

    private final Affine toMm;
    private final Map<String, Integer> dropped = new TreeMap<>();
    private final Map<String, Media> media = new LinkedHashMap<>();
    private final List<Element> elements = new ArrayList<>();
    private final Deque<Layer> layers = new ArrayDeque<>();
    private GeneralPath path = new GeneralPath();
    private Optional<Integer> clipping = Optional.empty();
    private Optional<Clipped> clipped = Optional.empty();
    private int drawn;
    private int depth;
    private int unnamed;

    /** What is drawn while a layer is open; what is marked otherwise has no name and is no group. */
    private record Layer(Optional<String> name, List<Element> inside) {}

    /** What was drawn last inside of a clip, so that what follows in the same one joins it. */
    private record Clipped(Outline outline, List<Element> inside, int at) {}

    PageElements(PDPage page, Affine toMm) {
        super(page);
        this.toMm = toMm;
    }

    List<Element> elements() {
        while (!layers.isEmpty()) {
            endLayer();
        }
        return elements;
    }

    List<Media> media() {
        return List.copyOf(media.values());
    }

    /** What could not be carried over, and how often. */
    Map<String, Integer> dropped() {
        return dropped;
    }

    private void drop(String what) {
        dropped.merge(what, 1, Integer::sum);
    }

    private List<Element> open() {
        return layers.isEmpty() ? elements : layers.peek().inside();
    }

    // Layers

    @Override
    public void beginMarkedContentSequence(COSName tag, COSDictionary properties) {
        Optional<String> name = Optional.empty();
        if (COSName.OC.equals(tag) && properties != null) {
            name = Optional.ofNullable(properties.getString(COSName.NAME));
        }
        layers.push(new Layer(name, name.isPresent() ? new ArrayList<>() : open()));
        clipped = Optional.empty();
    }

    @Override
    public void endMarkedContentSequence() {
        if (!layers.isEmpty()) {
            endLayer();
        }
    }

    private void endLayer() {
        Layer layer = layers.pop();
        clipped = Optional.empty();
        if (layer.name().isPresent() && !layer.inside().isEmpty()) {
            open().add(GroupElement.of(Traits.named(layer.name().get()), layer.inside()));
        }
    }

    /** Adds something, inside of the clip that holds just now. */
    private void add(Element e) {
        Cancellation.check();
        if (++drawn > MOST) {
            drop("many");
            return;
        }
        Optional<Outline> clip = clip();
        if (clip.isEmpty()) {
            clipped = Optional.empty();
            open().add(e);
            return;
        }
        if (clipped.isPresent()
                && clipped.get().outline().equals(clip.get())
                && clipped.get().at() == open().size()) {
            clipped.get().inside().add(e);
            open().set(open().size() - 1, group(clip.get(), clipped.get().inside()));
            return;
        }
        List<Element> inside = new ArrayList<>(List.of(e));
        open().add(group(clip.get(), inside));
        clipped = Optional.of(new Clipped(clip.get(), inside, open().size()));
    }

    private static Element group(Outline clip, List<Element> inside) {
        return new GroupElement(
                Traits.named(""), inside, Optional.of(new Clip(clip, FillRule.NON_ZERO)), Optional.empty());
    }

    /** The clip, where it cuts anything off the page. */
    private Optional<Outline> clip() {
        java.awt.geom.Area area = getGraphicsState().getCurrentClippingPath();
        Outline outline = Outline.of(area).transformed(toMm);
        Box page = pageBox();
        boolean all = area.isRectangular()
                && outline.bounds().filter(b -> b.grown(0.01).contains(page)).isPresent();
        return all ? Optional.empty() : Optional.of(outline);
    }

    private Box pageBox() {
        var b = getPage().getCropBox();
        return new Box(b.getLowerLeftX(), b.getLowerLeftY(), b.getWidth(), b.getHeight()).transformed(toMm);
    }

    // Paths

    @Override
    public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
        path.moveTo(a.getX(), a.getY());
        path.lineTo(b.getX(), b.getY());
        path.lineTo(c.getX(), c.getY());
        path.lineTo(d.getX(), d.getY());
        path.closePath();
    }

    @Override
    public void moveTo(float x, float y) {
        path.moveTo(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x, y);
        } else {
            path.lineTo(x, y);
        }
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x3, y3);
        } else {
            path.curveTo(x1, y1, x2, y2, x3, y3);
        }
    }

    @Override
    public Point2D getCurrentPoint() {
        return path.getCurrentPoint();
    }

    @Override
    public void closePath() {
        if (path.getCurrentPoint() != null) {
            path.closePath();
        }
    }

    @Override
    public void clip(int rule) {
        clipping = Optional.of(rule);
    }

    @Override
    public void endPath() {
        finish();
    }

    private void finish() {
        clipping.ifPresent(rule -> {
            path.setWindingRule(rule);
            getGraphicsState().intersectClippingPath(path);
        });
        clipping = Optional.empty();
        path = new GeneralPath();
    }

    @Override
    public void strokePath() throws IOException {
        shape(path, Optional.empty(), true);
        finish();
    }

    @Override
    public void fillPath(int rule) throws IOException {
        shape(path, Optional.of(rule), false);
        finish();
    }

    @Override
    public void fillAndStrokePath(int rule) throws IOException {
        shape(path, Optional.of(rule), true);
        finish();
    }

    private void shape(Path2D drawnPath, Optional<Integer> rule, boolean stroked) throws IOException {
        Outline outline = Outline.of(drawnPath).transformed(toMm);
        if (outline.isEmpty()) {
            return;
        }
        PDGraphicsState state = getGraphicsState();
        masks(state);
        Paint fill = rule.isPresent() ? paint(state.getNonStrokingColor(), true) : Paint.NONE;
        Optional<Stroke> stroke = stroked ? stroke(state) : Optional.empty();
        double opacity = rule.isPresent() ? state.getNonStrokeAlphaConstant() : state.getAlphaConstant();
        FillRule how = rule.filter(r -> r == Path2D.WIND_EVEN_ODD).isPresent() ? FillRule.EVEN_ODD : FillRule.NON_ZERO;
        add(new ShapeElement(Traits.named("").withOpacity(Math.clamp(opacity, 0, 1)), outline, how, fill, stroke));
    }

    private void masks(PDGraphicsState state) {
        if (state.getSoftMask() != null) {
            drop("mask");
        }
        if (state.getBlendMode() != null && !BlendMode.NORMAL.equals(state.getBlendMode())) {
            drop("blend");
        }
    }

    private Optional<Stroke> stroke(PDGraphicsState state) throws IOException {
        Matrix ctm = state.getCurrentTransformationMatrix();
        double scale = Math.sqrt(Math.abs(ctm.getScaleX() * ctm.getScaleY() - ctm.getShearX() * ctm.getShearY()))
                * toMm.meanScale();
        double width = Math.max(0.02, state.getLineWidth() * scale);
        Paint paint = paint(state.getStrokingColor(), false);
        List<Double> dashes = new ArrayList<>();
        double sum = 0;
        for (float d : state.getLineDashPattern().getDashArray()) {
            dashes.add(d * scale);
            sum += d;
        }
        Stroke.Cap cap = Stroke.Cap.values()[Math.clamp(state.getLineCap(), 0, 2)];
        Stroke.Join join = Stroke.Join.values()[Math.clamp(state.getLineJoin(), 0, 2)];
        return Optional.of(new Stroke(
                paint,
                width,
                cap,
                join,
                Math.max(1, state.getMiterLimit()),
                sum > 0 ? dashes : List.of(),
                state.getLineDashPattern().getPhase() * scale,
                Stroke.Position.CENTRE));
    }

    private Paint paint(PDColor colour, boolean fill) throws IOException {
        if (colour.getColorSpace() instanceof PDPattern patterns) {
            PDAbstractPattern pattern = patterns.getPattern(colour);
            if (pattern instanceof PDShadingPattern s) {
                Affine to = toMm.times(Affine.of(pattern.getMatrix().createAffineTransform()));
                Optional<Paint> gradient = Gradients.of(s.getShading(), to);
                if (gradient.isPresent()) {
                    return gradient.get();
                }
            }
            drop("pattern");
            return fill ? Paint.solid(new Rgba(128, 128, 128, 255)) : Paint.solid(new Rgba(0, 0, 0, 255));
        }
        int rgb = colour.toRGB();
        return Paint.solid(new Rgba(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, 255));
    }

    @Override
    public void shadingFill(COSName name) throws IOException {
        PDShading shading = getResources().getShading(name);
        Affine to = toMm.times(
                Affine.of(getGraphicsState().getCurrentTransformationMatrix().createAffineTransform()));
        Optional<Paint> gradient = shading == null ? Optional.empty() : Gradients.of(shading, to);
        if (gradient.isEmpty()) {
            drop("pattern");
            return;
        }
        Outline area = Outline.of(getGraphicsState().getCurrentClippingPath()).transformed(toMm);
        add(new ShapeElement(
                Traits.named("").withOpacity(Math.clamp(getGraphicsState().getNonStrokeAlphaConstant(), 0, 1)),
                area,
                FillRule.NON_ZERO,
                gradient.get(),
                Optional.empty()));
    }

    // Text

    @Override
    protected void showFontGlyph(Matrix rendering, PDFont font, int code, Vector displacement) throws IOException {
        RenderingMode mode = getGraphicsState().getTextState().getRenderingMode();
        if (!mode.isFill() && !mode.isStroke()) {
            return;
        }
        if (!(font instanceof PDVectorFont vectors)) {
            drop("text");
            return;
        }
        GeneralPath glyph = vectors.getNormalizedPath(code);
        if (glyph == null) {
            return;
        }
        AffineTransform at = rendering.createAffineTransform();
        shape(
                (Path2D) at.createTransformedShape(glyph),
                mode.isFill() ? Optional.of(Path2D.WIND_NON_ZERO) : Optional.empty(),
                mode.isStroke());
    }

    // Pictures and forms

    @Override
    public void drawImage(PDImage image) throws IOException {
        if ((long) image.getWidth() * image.getHeight() > LARGEST) {
            drop("picture");
            return;
        }
        masks(getGraphicsState());
        BufferedImage pixels = image.isStencil()
                ? image.getStencilImage(new java.awt.Color(
                        getGraphicsState().getNonStrokingColor().toRGB()))
                : image.getImage();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        if (pixels == null || !ImageIO.write(pixels, "png", png)) {
            drop("picture");
            return;
        }
        Media picture = PictureReader.media(png.toByteArray(), "picture-" + ++unnamed + ".png");
        media.putIfAbsent(picture.id().sha256(), picture);
        Matrix ctm = getGraphicsState().getCurrentTransformationMatrix();
        // Unit square of the picture, its first row at the top.
        Affine place = toMm.times(Affine.of(ctm.createAffineTransform()))
                .times(new Affine(1.0 / pixels.getWidth(), 0, 0, -1.0 / pixels.getHeight(), 0, 1));
        add(new PictureElement(
                Traits.named("")
                        .withPlacement(place)
                        .withOpacity(Math.clamp(getGraphicsState().getNonStrokeAlphaConstant(), 0, 1)),
                picture.id(),
                new Box(0, 0, pixels.getWidth(), pixels.getHeight())));
    }

    @Override
    public void showForm(PDFormXObject form) throws IOException {
        if (depth >= DEEPEST) {
            drop("deep");
            return;
        }
        depth++;
        try {
            layered(form.getCOSObject().getDictionaryObject(COSName.OC), () -> super.showForm(form));
        } finally {
            depth--;
        }
    }

    /** Work that reads may fail. */
    private interface Reading {
        void run() throws IOException;
    }

    private void layered(COSBase layer, Reading work) throws IOException {
        if (!(layer instanceof COSDictionary d)) {
            work.run();
            return;
        }
        beginMarkedContentSequence(COSName.OC, d);
        int open = layers.size();
        work.run();
        while (layers.size() > open) {
            endLayer();
        }
        endMarkedContentSequence();
    }
}
