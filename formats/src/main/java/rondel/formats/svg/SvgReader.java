package rondel.formats.svg;

import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import rondel.formats.artwork.Artwork;
import rondel.formats.files.FileName;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.text.FontBook;
import rondel.words.Refusal;

/** SVG 1.1 and the static parts of SVG 2 to artwork in mm, at the size that the file states; a file without a unit has 96
 *  px to the inch. Scripts, animation and links are never followed. */
public final class SvgReader {

    private static final double MM_PER_CSS_PX = 25.4 / 96;

    private SvgReader() {}

    /** @param file how to call the file in findings and refusals
     *  @param fonts asked only if the drawing has text
     *  @throws Refusal if the file is no SVG, or one that can't be drawn safely */
    public static Artwork read(InputStream in, String file, Supplier<FontBook> fonts) {
        return read(in, file, fonts, PixelScale.CSS);
    }

    /** @param scale of drawings that tell their size in pixels, or none */
    public static Artwork read(InputStream in, String file, Supplier<FontBook> fonts, PixelScale scale) {
        SvgNode root = SvgParser.parse(in, file);
        SvgFindings findings = new SvgFindings();
        SvgReading reading = new SvgReading(file, root, findings, fonts);
        Optional<Box> viewBox;
        Optional<Double> width;
        Optional<Double> height;
        try {
            viewBox = SvgViewport.viewBox(root);
            width = side(root, "width", scale);
            height = side(root, "height", scale);
        } catch (Numbers.NotFinite e) {
            throw reading.notFinite(root);
        }
        ElementReader elements = new ElementReader(reading);
        String name = FileName.stem(file);
        if (viewBox.isEmpty() && (width.isEmpty() || height.isEmpty())) {
            return withoutSize(root, reading, elements, name, scale);
        }
        double ratio = viewBox.map(v -> v.height() / v.width()).orElse(1.0);
        double w = width.orElseGet(
                () -> height.map(h -> h / ratio).orElseGet(() -> viewBox.get().width() * scale.mm()));
        double h = height.orElseGet(() -> w * ratio);
        checked(file, w, h);
        Affine toMm = viewBox.map(
                        v -> SvgViewport.fit(v, new Box(0, 0, w, h), root.attribute("preserveAspectRatio", "xMidYMid")))
                .orElse(Affine.scale(scale.mm(), scale.mm()));
        SvgViewport viewport = viewBox.map(v -> new SvgViewport(v.width(), v.height()))
                .orElse(new SvgViewport(w / scale.mm(), h / scale.mm()));
        List<Element> made = placed(elements.children(root, viewport), toMm);
        refuseNothing(reading, made);
        if (tellsPixels(root, "width") && tellsPixels(root, "height")) {
            findings.note("svg.pxScale", name, text(scale.perInch()), text(w), text(h));
        }
        return new Artwork(name, w, h, made, List.copyOf(reading.media.values()), findings.list());
    }

    /** A drawing that states no size at all is as large as what it draws. */
    private static Artwork withoutSize(
            SvgNode root, SvgReading reading, ElementReader elements, String name, PixelScale scale) {
        SvgViewport viewport = new SvgViewport(300, 150);
        List<Element> made = elements.children(root, viewport);
        refuseNothing(reading, made);
        Optional<Box> drawn = Box.around(made.stream()
                .flatMap(e -> Extent.of(e, Affine.IDENTITY).stream())
                .toList());
        Box page = drawn.filter(b -> b.width() > 0 && b.height() > 0).orElse(new Box(0, 0, 300, 150));
        double w = page.width() * scale.mm();
        double h = page.height() * scale.mm();
        checked(reading.file, w, h);
        Affine toMm = Affine.scale(scale.mm(), scale.mm()).times(Affine.translate(-page.x(), -page.y()));
        reading.findings.note("svg.noSize", name, text(scale.perInch()));
        return new Artwork(
                name, w, h, placed(made, toMm), List.copyOf(reading.media.values()), reading.findings.list());
    }

    /** Where all that there is was linked, nothing is left to be placed. */
    private static void refuseNothing(SvgReading reading, List<Element> made) {
        boolean nothing = made.stream().flatMap(GroupElement::everything).allMatch(GroupElement.class::isInstance);
        if (nothing && !reading.linksLeftOut.isEmpty()) {
            throw reading.linksLeftOut.getFirst().refusal(reading.file);
        }
    }

    private static List<Element> placed(List<Element> elements, Affine toMm) {
        return elements.stream()
                .map(e -> e.with(t -> t.placedBy(toMm)))
                .map(e -> evenlySized(e, Affine.IDENTITY))
                .toList();
    }

    /** Shapes that lie stretched or askew are their outlines: as plain shapes they would be drawn anew by their figures. */
    private static Element evenlySized(Element e, Affine outer) {
        Affine own = outer.times(e.placement());
        return switch (e) {
            case ShapeElement s -> s.plain().isEmpty() || own.keepsCircles() ? s : s.withOutline(s.outline());
            case GroupElement g ->
                g.withChildren(
                        g.children().stream().map(c -> evenlySized(c, own)).toList());
            default -> e;
        };
    }

    private static void checked(String file, double w, double h) {
        double longest = 4 * Sheet.LONGEST;
        if (!(w > 0 && h > 0 && w <= longest && h <= longest)) {
            throw Refusal.of("svg.tooLarge", file, Math.round(w), Math.round(h), (int) longest / 1000);
        }
    }

    /** A side of the page in mm; nothing where it is missing, a percentage or no length. */
    private static Optional<Double> side(SvgNode root, String attribute, PixelScale scale) {
        return root.attribute(attribute)
                .filter(t -> !t.contains("%"))
                .flatMap(t -> exactMm(t)
                        .or(() -> SvgLength.px(t, 0, 16).map(px -> px * (isInPixels(t) ? scale.mm() : MM_PER_CSS_PX))))
                .filter(v -> v > 0);
    }

    private static boolean isInPixels(String text) {
        return text.strip().matches("[-+0-9.eE]+\\s*(px)?");
    }

    /** Whether a side is told in pixels, or not at all. */
    private static boolean tellsPixels(SvgNode root, String attribute) {
        return root.attribute(attribute)
                .map(t -> isInPixels(t) || t.contains("%"))
                .orElse(true);
    }

    private static String text(double value) {
        return new java.math.BigDecimal(value)
                .setScale(1, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** Sides given in physical units stay what they say, without a detour over px. */
    private static Optional<Double> exactMm(String text) {
        Numbers in = new Numbers(text);
        if (!in.startsNumber()) {
            return Optional.empty();
        }
        double value;
        try {
            value = in.next();
        } catch (Numbers.NotFinite e) {
            throw e;
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
        return rondel.units.LengthUnit.ofSymbol(in.rest().strip()).map(u -> u.toMm(value));
    }
}
