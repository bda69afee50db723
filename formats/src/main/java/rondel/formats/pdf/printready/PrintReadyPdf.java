package rondel.formats.pdf.printready;

import java.io.IOException;
import java.io.OutputStream;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PageMode;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import rondel.formats.pdf.PdfColours;
import rondel.formats.pdf.PdfWriter;
import rondel.formats.pdf.ScreenColours;
import rondel.geometry.Affine;
import rondel.job.PrintInks;
import rondel.job.Role;
import rondel.paint.PictureSource;
import rondel.progress.Cancellation;

/** Pages for a print shop as PDF/X-4 (ISO 15930-7): what is printed in sRGB that is tagged as such or in the inks of the press, transparency live, for a press that the output
 *  intent's profile describes; lines of each role in an ink of their own that overprints, each in its layer. */
public final class PrintReadyPdf {

    private static final float VERSION = 1.6f;

    private PrintReadyPdf() {}

    /** @param roles an ink for each role that has lines
     *  @param inks what the picture is printed with
     *  @param now when it is made */
    public static void write(
            String title,
            List<PrintReadyPage> pages,
            Map<Role, Separation> roles,
            PrintInks inks,
            PictureSource pictures,
            ZonedDateTime now,
            OutputStream out)
            throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.setVersion(VERSION);
            COSArray screen = OutputProfile.screen(document);
            PdfColours process = inks.converted() ? PressColours.shipped() : ScreenColours.RGB;
            PdfColours colours = inks.spots().isEmpty() ? process : new SpotColours(process, inks.spots(), screen);
            PdfWriter.into(document, pages.stream().map(PrintReadyPage::print).toList(), colours, pictures);
            layers(document, pages, roles, inks.white().map(Separation::white), screen);
            tag(document, screen);
            for (PDPage page : document.getPages()) {
                COSDictionary blending = page.getCOSObject().getCOSDictionary(COSName.GROUP);
                if (blending != null && !inks.converted()) {
                    blending.setItem(COSName.CS, screen);
                }
            }
            COSArray intents = new COSArray();
            intents.add(OutputProfile.intent(document));
            document.getDocumentCatalog().getCOSObject().setItem(COSName.OUTPUT_INTENTS, intents);
            Identification.into(document, title, now);
            PdfWriter.sameAgain(
                    document, pages.stream().map(PrintReadyPage::print).toList());
            document.save(out);
        }
    }

    private static void layers(
            PDDocument document,
            List<PrintReadyPage> pages,
            Map<Role, Separation> roles,
            Optional<Separation> white,
            COSArray screen)
            throws IOException {
        Map<Role, SeparationLayer> layers = new EnumMap<>(Role.class);
        for (Map.Entry<Role, Separation> ink : roles.entrySet()) {
            if (pages.stream().anyMatch(p -> p.lines().containsKey(ink.getKey()))) {
                layers.put(ink.getKey(), new SeparationLayer(document, ink.getValue(), screen));
            }
        }
        boolean under =
                white.isPresent() && pages.stream().anyMatch(p -> p.white().isPresent());
        Optional<SeparationLayer> underprint =
                under ? Optional.of(new SeparationLayer(document, white.get(), screen)) : Optional.empty();
        if (layers.isEmpty() && underprint.isEmpty()) {
            return;
        }
        PDOptionalContentProperties properties = new PDOptionalContentProperties();
        underprint.ifPresent(l -> properties.addGroup(l.group()));
        layers.values().forEach(l -> properties.addGroup(l.group()));
        document.getDocumentCatalog().setOCProperties(properties);
        document.getDocumentCatalog().setPageMode(PageMode.USE_OPTIONAL_CONTENT);
        for (int i = 0; i < pages.size(); i++) {
            Cancellation.check();
            PrintReadyPage page = pages.get(i);
            PDPage pdf = document.getPage(i);
            double scale = pdf.getMediaBox().getWidth() / page.print().width();
            Affine toPage = new Affine(scale, 0, 0, -scale, 0, page.print().height() * scale);
            if (underprint.isPresent() && page.white().isPresent()) {
                underprint.get().fill(pdf, page.white().get(), toPage);
            }
            for (Map.Entry<Role, SeparationLayer> layer : layers.entrySet()) {
                if (page.lines().containsKey(layer.getKey())) {
                    layer.getValue().draw(pdf, page.lines().get(layer.getKey()), toPage);
                }
            }
        }
    }

    /** Says of all RGB that is in the file that it is sRGB: wherever there are resources, RGB means that space (ISO 32000-1, 8.6.5.6). */
    private static void tag(PDDocument document, COSArray screen) {
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        List<COSBase> open = new ArrayList<>();
        for (PDPage page : document.getPages()) {
            page.getResources();
            open.add(page.getCOSObject());
        }
        while (!open.isEmpty()) {
            COSBase next = open.removeLast();
            COSBase base = next instanceof COSObject o ? o.getObject() : next;
            if (base == null || !seen.add(base)) {
                continue;
            }
            if (base instanceof COSArray array) {
                array.forEach(open::add);
            } else if (base instanceof COSDictionary dictionary) {
                COSDictionary resources = dictionary.getCOSDictionary(COSName.RESOURCES);
                if (resources != null) {
                    COSDictionary spaces = resources.getCOSDictionary(COSName.COLORSPACE);
                    if (spaces == null) {
                        spaces = new COSDictionary();
                        resources.setItem(COSName.COLORSPACE, spaces);
                    }
                    spaces.setItem(COSName.getPDFName("DefaultRGB"), screen);
                }
                dictionary.entrySet().stream()
                        .filter(e -> !e.getKey().equals(COSName.PARENT))
                        .forEach(e -> open.add(e.getValue()));
            }
        }
    }
}
