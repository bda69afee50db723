package rondel.devices.printer;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.Exporting;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Traits;
import rondel.paint.PaintedExtent;
import rondel.paint.PictureSource;
import rondel.run.passes.Passes;
import rondel.run.print.PrintRuler;
import rondel.run.print.PrinterScale;
import rondel.run.print.TestPage;
import rondel.text.Typesetter;

/** Pages as they go to a printer: each sheet at its size, what is printed on it and nothing else.
 *
 * @param ruler whether one is printed at the edge
 * @param scale what the printer does to sizes, which is made up for; nothing where it is true, or not known */
public record PrintJob(Job job, List<SheetId> sheets, boolean ruler, Optional<PrinterScale> scale) {

    public PrintJob {
        sheets = List.copyOf(sheets);
    }

    /** A page that proves a printer's size.
     *
     * @param width in mm */
    public static PrintJob testPage(double width, double height, Optional<PrinterScale> scale) {
        Sheet sheet = TestPage.of(width, height, typesetter());
        Job job = Job.blank(sheet.name(), rondel.units.LengthUnit.MM, width, height)
                .withSheets(List.of(sheet));
        return new PrintJob(job, List.of(sheet.id()), false, scale);
    }

    private static Optional<Typesetter> typesetter() {
        return Optional.of(new Typesetter(new ShippedFonts()));
    }

    /** @throws rondel.words.Refusal if there is no such sheet */
    public List<Page> pages() {
        List<Page> all = new ArrayList<>();
        for (SheetId id : sheets) {
            Page page = Exporting.outputs(
                            job,
                            ExportRequest.of(ExportFormat.PDF, id)
                                    .withWhat(ExportWhat.PRINT)
                                    .withFrame(ExportRequest.Frame.SHEET),
                            java.nio.file.Path.of("print.pdf"))
                    .getFirst()
                    .pages()
                    .getFirst();
            all.add(finished(page, job.sheet(id)));
        }
        return all;
    }

    private Page finished(Page page, Sheet sheet) {
        List<Element> elements = new ArrayList<>(page.elements());
        if (ruler) {
            Box reach = sheet.planned().map(p -> p.usable()).orElse(sheet.trim().grown(-5));
            List<Box> taken = new ArrayList<>();
            page.elements().forEach(e -> take(e, Affine.IDENTITY, taken));
            elements.addAll(PrintRuler.along(reach, taken, typesetter()));
        }
        Affine change = Passes.usualMaterial(job, sheet.id()).mirrored()
                ? new Affine(-1, 0, 0, 1, sheet.width(), 0)
                : Affine.IDENTITY;
        if (scale.isPresent()) {
            change = scale.get().compensation(sheet.height()).times(change);
        }
        Affine by = change;
        List<Element> changed = by.equals(Affine.IDENTITY)
                ? elements
                : List.of(GroupElement.of(Traits.named("").withPlacement(by), elements));
        // The paper is there already: printing its colour would be wrong.
        return new Page(
                page.title(), page.width(), page.height(), Optional.empty(), changed, page.media(), page.trim());
    }

    /** A box around each thing that is printed, not around groups: what a plan adds is one that reaches over the whole sheet. */
    private static void take(Element e, Affine around, List<Box> boxes) {
        if (e instanceof GroupElement g) {
            Affine own = around.times(g.placement());
            g.children().forEach(c -> take(c, own, boxes));
        } else {
            PaintedExtent.of(e, around).ifPresent(boxes::add);
        }
    }

    /** As PDF, each page as large as its sheet. */
    public void write(PictureSource pictures, OutputStream out) throws IOException {
        PdfWriter.write(pages(), pictures, out);
    }

    public byte[] pdf(PictureSource pictures) {
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            write(pictures, bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
