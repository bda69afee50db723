package rondel.formats.svg;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.paint.PictureSource;

/** A page as an SVG file of exact size in mm: one user unit is one mm, groups nest as they do in the job, each look is
 *  said by attributes, pictures are embedded, and text is its outlines. */
public final class SvgWriter {

    private SvgWriter() {}

    public static void write(Page page, PictureSource pictures, OutputStream out) throws IOException {
        out.write(text(page, pictures).getBytes(StandardCharsets.UTF_8));
    }

    static String text(Page page, PictureSource pictures) {
        SvgDefinitions definitions = new SvgDefinitions();
        SvgElements elements = new SvgElements(page.media(), pictures, definitions);
        XmlText body = new XmlText(1);
        page.paper().ifPresent(colour -> {
            body.open("rect").attribute("id", "paper");
            body.attribute("width", NumberText.exact(page.width()))
                    .attribute("height", NumberText.exact(page.height()));
            SvgPaints.colour(body, "fill", colour);
            body.close("rect");
        });
        page.elements().forEach(e -> elements.write(body, e, Affine.IDENTITY));
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
        if (!page.title().isBlank()) {
            all.open("title").text(page.title()).close("title");
        }
        if (!definitions.isEmpty()) {
            all.open("defs").raw(definitions.text()).close("defs");
        }
        all.raw(body.toString());
        all.close("svg");
        return all.toString();
    }
}
