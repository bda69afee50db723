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

    private static final double MM_PER_PX = 25.4 / 96;

    private SvgReader() {}

    /** @param file how to call the file in findings and refusals
     *  @param fonts asked only if the drawing has text
     *  @throws Refusal if the file is no SVG, or one that can't be drawn safely */
    public static Artwork read(InputStream in, String file, Supplier<FontBook> fonts) {
        SvgNode root = SvgParser.parse(in, file);
        SvgFindings findings = new SvgFindings();
        SvgReading reading = new SvgReading(file, root, findings, fonts);
        Optional<Box> viewBox;
        Optional<Double> width;
        Optional<Double> height;
        try {
            viewBox = SvgViewport.viewBox(root);
            width = side(root, "width");
            height = side(root, "height");
        } catch (Numbers.NotFinite e) {
            throw reading.notFinite(root);
        }
        ElementReader elements = new ElementReader(reading);
        String name = FileName.stem(file);
        if (viewBox.isEmpty() && (width.isEmpty() || height.isEmpty())) {
            return withoutSize(root, reading, elements, name);
        }
        double ratio = viewBox.map(v -> v.height() / v.width()).orElse(1.0);
        double w = width.orElseGet(
                () -> height.map(h -> h / ratio).orElseGet(() -> viewBox.get().width() * MM_PER_PX));
        double h = height.orElseGet(() -> w * ratio);
        checked(file, w, h);
        Affine toMm = viewBox.map(
                        v -> SvgViewport.fit(v, new Box(0, 0, w, h), root.attribute("preserveAspectRatio", "xMidYMid")))
                .orElse(Affine.scale(MM_PER_PX, MM_PER_PX));
        SvgViewport viewport = viewBox.map(v -> new SvgViewport(v.width(), v.height()))
                .orElse(new SvgViewport(w / MM_PER_PX, h / MM_PER_PX));
        List<Element> made = placed(elements.children(root, viewport), toMm);
        refuseNothing(reading, made);
        return new Artwork(name, w, h, made, List.copyOf(reading.media.values()), findings.list());
    }

    /** A drawing that states no size at all is as large as what it draws. */
    private static Artwork withoutSize(SvgNode root, SvgReading reading, ElementReader elements, String name) {
        SvgViewport viewport = new SvgViewport(300, 150);
        List<Element> made = elements.children(root, viewport);
        refuseNothing(reading, made);
        Optional<Box> drawn = Box.around(made.stream()
                .flatMap(e -> Extent.of(e, Affine.IDENTITY).stream())
                .toList());
        Box page = drawn.filter(b -> b.width() > 0 && b.height() > 0).orElse(new Box(0, 0, 300, 150));
        double w = page.width() * MM_PER_PX;
        double h = page.height() * MM_PER_PX;
        checked(reading.file, w, h);
        Affine toMm = Affine.scale(MM_PER_PX, MM_PER_PX).times(Affine.translate(-page.x(), -page.y()));
        reading.findings.note("svg.noSize", name);
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
    private static Optional<Double> side(SvgNode root, String attribute) {
        return root.attribute(attribute)
                .filter(t -> !t.contains("%"))
                .flatMap(t -> exactMm(t).or(() -> SvgLength.px(t, 0, 16).map(px -> px * MM_PER_PX)))
                .filter(v -> v > 0);
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
