package rondel.formats.svg;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.paint.PictureSource;

/** A page as an SVG file of exact size in mm: one user unit is one mm, groups nest as they do in the job, each look is
 *  said by attributes, pictures are embedded, and text is its outlines. */
public final class SvgWriter {

    private static final String UNITS =
            "%s x %s mm; one user unit is 1 mm, which is 96/25.4 px of CSS (CSS Values 3, 6.2: 96 px are 1 in).";

    private SvgWriter() {}

    /** As {@link #write(Page, PictureSource, boolean, boolean, OutputStream)}, with copies written out and text as outlines. */
    public static void write(Page page, PictureSource pictures, OutputStream out) throws IOException {
        write(page, pictures, false, false, out);
    }

    /** Writes as it goes: a page of ten thousand copies is never in memory as a whole.
     *
     * @param shared whether copies of a design are drawn once, and used
     * @param liveText whether text that SVG can set is text, and not its outlines */
    public static void write(Page page, PictureSource pictures, boolean shared, boolean liveText, OutputStream out)
            throws IOException {
        try (SpilledText body = new SpilledText()) {
            SvgDefinitions definitions = new SvgDefinitions();
            XmlText xml = new XmlText(1, Optional.of(body::append));
            body(page, new SvgElements(page.media(), pictures, definitions, shared, liveText), xml);
            xml.finish();
            XmlText head = head(page);
            if (!definitions.isEmpty()) {
                head.open("defs").raw(definitions.text()).close("defs");
            }
            head.raw("");
            out.write(head.toString().getBytes(StandardCharsets.UTF_8));
            body.writeTo(out);
            out.write("</svg>\n".getBytes(StandardCharsets.UTF_8));
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    static String text(Page page, PictureSource pictures) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            write(page, pictures, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString(StandardCharsets.UTF_8);
    }

    private static void body(Page page, SvgElements elements, XmlText body) {
        page.paper().ifPresent(colour -> {
            body.open("rect").attribute("id", "paper");
            body.attribute("width", NumberText.exact(page.width()))
                    .attribute("height", NumberText.exact(page.height()));
            SvgPaints.colour(body, "fill", colour);
            body.close("rect");
        });
        page.elements().forEach(e -> elements.write(body, e, Affine.IDENTITY));
    }

    private static XmlText head(Page page) {
        XmlText all = new XmlText(0);
        String w = NumberText.exact(page.width());
        String h = NumberText.exact(page.height());
        all.raw("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        all.open("svg")
                .attribute("xmlns", "http://www.w3.org/2000/svg")
                .attribute("xmlns:xlink", "http://www.w3.org/1999/xlink")
                .attribute("version", "1.1")
                .attribute("width", w + "mm")
                .attribute("height", h + "mm")
                .attribute("viewBox", "0 0 " + w + " " + h);
        // For who opens it by hand: programs differ in what they take a unit for where none is said.
        all.open("desc").text(String.format(Locale.ROOT, UNITS, w, h)).close("desc");
        if (!page.title().isBlank()) {
            all.open("title").text(page.title()).close("title");
        }
        return all;
    }
}
