package rondel.formats.pdf.reading;

import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javax.imageio.ImageIO;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDVectorFont;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDPattern;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroup;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDAbstractPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDShadingPattern;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.state.PDGraphicsState;
import org.apache.pdfbox.pdmodel.graphics.state.PDSoftMask;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;
import rondel.formats.picture.PictureReader;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.progress.Cancellation;

/** What a page draws, as elements in mm: layers and clips are groups around what is drawn in them. */
final class PageElements extends PathEngine {

    /** How many things are drawn at most. */
    private static final int MOST = 400_000;

    /** How many pixels a picture may have. */
    private static final long LARGEST = 100_000_000;

    /** How deep forms may lie in forms. */
    private static final int DEEPEST = 40;

    private Affine toMm;
    private final Map<String, Integer> dropped = new TreeMap<>();
    private final Map<String, Media> media = new LinkedHashMap<>();
    private final DrawnElements drawing = new DrawnElements();
    private final SoftMasks softMasks = new SoftMasks(this::masking);
    private final TilingPatterns tilings = new TilingPatterns(this::tile);
    private int drawn;
    private int depth;
    private int unnamed;

    PageElements(PDPage page, Affine toMm) {
        super(page);
        this.toMm = toMm;
    }

    List<Element> elements() {
        return drawing.all();
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

    // Layers

    @Override
    public void beginMarkedContentSequence(COSName tag, COSDictionary properties) {
        boolean layer = COSName.OC.equals(tag) && properties != null;
        drawing.begin(layer ? Optional.ofNullable(properties.getString(COSName.NAME)) : Optional.empty());
    }

    @Override
    public void endMarkedContentSequence() {
        drawing.end();
    }

    /** Adds something, inside of the clip and the mask that hold just now. */
    private void add(Element e) throws IOException {
        Cancellation.check();
        if (++drawn > MOST) {
            drop("many");
            return;
        }
        PDSoftMask soft = getGraphicsState().getSoftMask();
        Optional<Mask> mask = soft == null ? Optional.empty() : softMasks.of(soft, pageBox());
        if (soft != null && mask.isEmpty()) {
            drop("mask");
        }
        drawing.add(e, new DrawnElements.Veil(clip(), mask, mask.isPresent() ? soft.getCOSObject() : null));
    }

    private List<Element> masking(PDTransparencyGroup group) throws IOException {
        return deeper(() -> drawing.apart(() -> processSoftMask(group)));
    }

    /** Work that draws what is drawn elsewhere. */
    private interface Drawing {
        List<Element> run() throws IOException;
    }

    private List<Element> deeper(Drawing work) throws IOException {
        if (depth >= DEEPEST) {
            drop("deep");
            return List.of();
        }
        depth++;
        try {
            return work.run();
        } finally {
            depth--;
        }
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

    @Override
    void shape(Path2D drawnPath, Optional<Integer> rule, boolean stroked) throws IOException {
        Outline outline = Outline.of(drawnPath).transformed(toMm);
        if (outline.isEmpty()) {
            return;
        }
        PDGraphicsState state = getGraphicsState();
        blend(state);
        Paint fill = rule.isPresent() ? paint(state.getNonStrokingColor(), true) : Paint.NONE;
        Optional<Stroke> stroke = stroked
                ? Optional.of(DrawnStroke.of(state, paint(state.getStrokingColor(), false), toMm))
                : Optional.empty();
        double opacity = rule.isPresent() ? state.getNonStrokeAlphaConstant() : state.getAlphaConstant();
        FillRule how = rule.filter(r -> r == Path2D.WIND_EVEN_ODD).isPresent() ? FillRule.EVEN_ODD : FillRule.NON_ZERO;
        add(new ShapeElement(Traits.named("").withOpacity(Math.clamp(opacity, 0, 1)), outline, how, fill, stroke));
    }

    private void blend(PDGraphicsState state) {
        if (state.getBlendMode() != null && !BlendMode.NORMAL.equals(state.getBlendMode())) {
            drop("blend");
        }
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
            if (pattern instanceof PDTilingPattern t) {
                Optional<Paint.Tiles> tiled = tilings.of(t, colour, patterns.getUnderlyingColorSpace());
                if (tiled.isPresent()) {
                    Affine to = toMm.times(Affine.of(pattern.getMatrix().createAffineTransform()));
                    return tiled.get().transformed(to);
                }
            }
            drop("pattern");
            return fill ? Paint.solid(new Rgba(128, 128, 128, 255)) : Paint.solid(new Rgba(0, 0, 0, 255));
        }
        int rgb = colour.toRGB();
        return Paint.solid(new Rgba(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, 255));
    }

    private List<Element> tile(PDTilingPattern pattern, PDColor colour, PDColorSpace space) throws IOException {
        Affine before = toMm;
        toMm = Affine.IDENTITY;
        try {
            return deeper(() -> drawing.apart(() -> processTilingPattern(pattern, colour, space, new Matrix())));
        } finally {
            toMm = before;
        }
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
        blend(getGraphicsState());
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
            layered(form, () -> super.showForm(form));
        } finally {
            depth--;
        }
    }

    /** A group that is faded or masked as a whole stays one. */
    @Override
    public void showTransparencyGroup(PDTransparencyGroup form) throws IOException {
        if (depth >= DEEPEST) {
            drop("deep");
            return;
        }
        PDGraphicsState state = getGraphicsState();
        double alpha = Math.clamp(state.getNonStrokeAlphaConstant(), 0, 1);
        depth++;
        try {
            if (alpha == 1 && state.getSoftMask() == null) {
                layered(form, () -> processTransparencyGroup(form));
                return;
            }
            blend(state);
            List<Element> inside = drawing.apart(() -> layered(form, () -> processTransparencyGroup(form)));
            if (!inside.isEmpty()) {
                add(GroupElement.of(Traits.named("").withOpacity(alpha), inside));
            }
        } finally {
            depth--;
        }
    }

    private void layered(PDFormXObject form, DrawnElements.Reading work) throws IOException {
        COSBase layer = form.getCOSObject().getDictionaryObject(COSName.OC);
        if (layer instanceof COSDictionary d && d.getString(COSName.NAME) != null) {
            drawing.layered(d.getString(COSName.NAME), work);
        } else {
            work.run();
        }
    }
}
