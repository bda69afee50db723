package rondel.formats.svg;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rondel.formats.artwork.Artwork;
import rondel.formats.picture.PictureReader;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Traits;
import rondel.words.Refusal;

/** Embedded pictures: PNG and JPEG as pictures, SVG as what it draws. Linked ones are left out, never fetched. */
final class ImageReader {

    private static final int DEEPEST = 4;

    private final SvgReading reading;

    ImageReader(SvgReading reading) {
        this.reading = reading;
    }

    Optional<Element> read(SvgNode node, SvgViewport viewport) {
        if (ExternalLinks.leadsAway(reading, node)) {
            return Optional.empty();
        }
        String href = node.attribute("href", "").strip();
        if (!href.startsWith("data:")) {
            return Optional.empty();
        }
        int comma = href.indexOf(',');
        String header = comma < 0 ? "" : href.substring(5, comma).toLowerCase(Locale.ROOT);
        byte[] bytes;
        try {
            bytes = header.endsWith(";base64")
                    ? Base64.getMimeDecoder().decode(href.substring(comma + 1))
                    : java.net.URLDecoder.decode(href.substring(comma + 1).replace("+", "%2B"), StandardCharsets.UTF_8)
                            .getBytes(StandardCharsets.ISO_8859_1);
        } catch (IllegalArgumentException e) {
            reading.findings.warn("svg.pictureUnreadable", node.display());
            return Optional.empty();
        }
        return header.startsWith("image/svg") ? drawing(node, bytes, viewport) : picture(node, bytes, viewport);
    }

    private Optional<Element> picture(SvgNode node, byte[] bytes, SvgViewport viewport) {
        Media media;
        try {
            media = PictureReader.media(bytes, node.display());
        } catch (Refusal e) {
            reading.findings.warn("svg.pictureUnreadable", node.display());
            return Optional.empty();
        }
        reading.media.put(media.id(), media);
        Box pixels = new Box(0, 0, media.width(), media.height());
        return framed(node, viewport, pixels)
                .map(f -> clippedWhereSliced(
                        new PictureElement(Traits.named(""), media.id(), f.content()), f.area(), f.content()));
    }

    private Optional<Element> drawing(SvgNode node, byte[] bytes, SvgViewport viewport) {
        long depth = reading.file.chars().filter(c -> c == '›').count();
        if (depth >= DEEPEST) {
            reading.findings.warn("svg.pictureUnreadable", node.display());
            return Optional.empty();
        }
        Artwork art =
                SvgReader.read(new ByteArrayInputStream(bytes), reading.file + " › " + node.display(), reading.fonts);
        art.media().forEach(m -> reading.media.put(m.id(), m));
        Box page = new Box(0, 0, art.width(), art.height());
        return framed(node, viewport, page).map(f -> {
            Affine place = SvgViewport.fit(page, f.content(), "none");
            List<Element> inside = art.elements();
            return new GroupElement(
                    Traits.named("").withPlacement(place),
                    inside,
                    Optional.of(new Clip(Outline.rectangle(page), FillRule.NON_ZERO)),
                    Optional.empty());
        });
    }

    /** The area of the image element, and where the whole picture lies in it. */
    private record Framed(Box area, Box content) {}

    private Optional<Framed> framed(SvgNode node, SvgViewport viewport, Box natural) {
        double ratio = natural.height() / natural.width();
        boolean wide = node.attribute("width").filter(w -> !w.equals("auto")).isPresent();
        boolean high = node.attribute("height").filter(h -> !h.equals("auto")).isPresent();
        double width = reading.length(node, "width", viewport.width(), natural.width());
        double height = reading.length(node, "height", viewport.height(), natural.height());
        if (!wide && high) {
            width = height / ratio;
        } else if (wide && !high) {
            height = width * ratio;
        }
        if (!(width > 0 && height > 0)) {
            return Optional.empty();
        }
        Box area = new Box(
                reading.length(node, "x", viewport.width(), 0),
                reading.length(node, "y", viewport.height(), 0),
                width,
                height);
        String ratioRule = node.attribute("preserveAspectRatio", "xMidYMid");
        return Optional.of(new Framed(
                area,
                ratioRule.strip().startsWith("none")
                        ? area
                        : natural.transformed(SvgViewport.fit(natural, area, ratioRule))));
    }

    private static Element clippedWhereSliced(Element picture, Box area, Box content) {
        if (area.grown(1e-9 * (area.width() + area.height())).contains(content)) {
            return picture;
        }
        Clip clip = new Clip(Outline.rectangle(area), FillRule.NON_ZERO);
        return new GroupElement(Traits.named(""), List.of(picture), Optional.of(clip), Optional.empty());
    }
}
