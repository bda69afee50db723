package rondel.devices.printer;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.print.Doc;
import javax.print.DocFlavor;
import javax.print.PrintException;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import javax.print.SimpleDoc;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.PrintRequestAttributeSet;
import javax.print.attribute.standard.JobName;
import javax.print.attribute.standard.Media;
import javax.print.attribute.standard.MediaPrintableArea;
import javax.print.attribute.standard.MediaSize;
import javax.print.attribute.standard.MediaSizeName;
import javax.print.attribute.standard.MediaTray;
import javax.print.attribute.standard.PrintQuality;
import javax.print.attribute.standard.Sides;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.Orientation;
import org.apache.pdfbox.printing.PDFPageable;
import rondel.job.Margins;
import rondel.words.Refusal;
import rondel.words.Words;

/** A printer of the system, by Java's print service: pages go to it at their size, never fitted. */
public final class SystemPrinter {

    private static final DocFlavor PAGES = DocFlavor.SERVICE_FORMATTED.PAGEABLE;

    private final PrintService service;

    /** How it is to print.
     *
     * @param tray by its name; the printer's own choice where none is given
     * @param sides which sides of the paper, and about which edge it is turned */
    public record Settings(Optional<String> tray, Quality quality, Turning sides) {
        public static final Settings USUAL = new Settings(Optional.empty(), Quality.HIGH, Turning.ONE_SIDE);
    }

    /** How fine. */
    public enum Quality {
        DRAFT,
        NORMAL,
        HIGH
    }

    /** On which sides. */
    public enum Turning {
        ONE_SIDE,
        LONG_EDGE,
        SHORT_EDGE
    }

    /** @param service what of the system prints */
    public SystemPrinter(PrintService service) {
        this.service = service;
    }

    /** All that the system knows, by their names. */
    public static List<SystemPrinter> all() {
        return Arrays.stream(PrintServiceLookup.lookupPrintServices(PAGES, null))
                .map(SystemPrinter::new)
                .toList();
    }

    /** One by its name, in whatever case.
     *
     * @throws Refusal if there is none such */
    public static SystemPrinter named(String name) {
        return all().stream()
                .filter(p ->
                        p.name().toLowerCase(Locale.ROOT).equals(name.strip().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> Refusal.of("print.noPrinter", name));
    }

    public String name() {
        return service.getName();
    }

    /** The trays that it has. */
    public List<String> trays() {
        Object media = service.getSupportedAttributeValues(Media.class, PAGES, null);
        return media instanceof Media[] all
                ? Arrays.stream(all)
                        .filter(MediaTray.class::isInstance)
                        .map(Object::toString)
                        .toList()
                : List.of();
    }

    /** How near to the edges of a sheet it can print, in mm; nothing where it does not say.
     *
     * @param width of the sheet, in mm */
    public Optional<Margins> margins(double width, double height) {
        PrintRequestAttributeSet paper = new HashPrintRequestAttributeSet();
        MediaSizeName size = MediaSize.findMedia((float) width, (float) height, MediaPrintableArea.MM);
        if (size != null) {
            paper.add(size);
        }
        Object areas = service.getSupportedAttributeValues(MediaPrintableArea.class, PAGES, paper);
        if (!(areas instanceof MediaPrintableArea[] all) || all.length == 0) {
            return Optional.empty();
        }
        int mm = MediaPrintableArea.MM;
        double left = all[0].getX(mm);
        double top = all[0].getY(mm);
        return Optional.of(new Margins(
                left,
                top,
                Math.max(0, width - left - all[0].getWidth(mm)),
                Math.max(0, height - top - all[0].getHeight(mm))));
    }

    /** Prints pages as large as they are; slow.
     *
     * @throws Refusal if it can't */
    public void print(byte[] pdf, String title, Settings settings) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            // Each page has paper of its own size, all of which may be printed on: so nothing is scaled, moved or
            // turned.
            Doc doc = new SimpleDoc(new PDFPageable(document, Orientation.AUTO), PAGES, null);
            service.createPrintJob().print(doc, attributes(title, settings));
        } catch (IOException | PrintException e) {
            throw new Refusal(Words.of("print.failed", name(), e.getMessage()), e);
        }
    }

    private PrintRequestAttributeSet attributes(String title, Settings settings) {
        PrintRequestAttributeSet all = new HashPrintRequestAttributeSet();
        all.add(new JobName(title, Locale.ROOT));
        all.add(
                switch (settings.quality) {
                    case DRAFT -> PrintQuality.DRAFT;
                    case NORMAL -> PrintQuality.NORMAL;
                    case HIGH -> PrintQuality.HIGH;
                });
        all.add(
                switch (settings.sides) {
                    case ONE_SIDE -> Sides.ONE_SIDED;
                    case LONG_EDGE -> Sides.TWO_SIDED_LONG_EDGE;
                    case SHORT_EDGE -> Sides.TWO_SIDED_SHORT_EDGE;
                });
        settings.tray.ifPresent(t -> all.add(tray(t)));
        return all;
    }

    private MediaTray tray(String wanted) {
        Object media = service.getSupportedAttributeValues(Media.class, PAGES, null);
        return Arrays.stream(media instanceof Media[] all ? all : new Media[0])
                .filter(m -> m instanceof MediaTray && m.toString().equalsIgnoreCase(wanted))
                .map(MediaTray.class::cast)
                .findFirst()
                .orElseThrow(() -> Refusal.of("print.noTray", wanted, name()));
    }
}
