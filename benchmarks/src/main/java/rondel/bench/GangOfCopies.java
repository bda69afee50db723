package rondel.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import org.apache.pdfbox.util.Matrix;
import rondel.compose.arrange.Place;
import rondel.compose.lettering.AddText;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.names.NameListFile;
import rondel.formats.names.NameTable;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.formats.picture.PictureLevels;
import rondel.gang.names.AddNames;
import rondel.gang.names.FillNames;
import rondel.gang.names.NameDesigns;
import rondel.gang.plan.LayOut;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.OutlineBuilder;
import rondel.history.Editing;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.MarkSettings;
import rondel.job.NameList;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.RowSettings;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Stock;
import rondel.job.StockCount;
import rondel.job.TextAlign;
import rondel.job.Traits;
import rondel.job.Way;
import rondel.text.Typesetter;
import rondel.units.LengthUnit;

/** Copies of a sticker of 500 outlines on full sheets of stock: what ten thousand take of memory, an edit of their design, and a PDF of 24 sheets
 *  against the shortest loop with form XObjects; and a thousand names set, fitted and laid out. */
final class GangOfCopies {

    private static final int OUTLINES = 500;
    private static final double SIDE = 20;
    private static final SheetId SHEET = new SheetId("sheet-1");
    private static final Design STICKER = new Design.Whole(new ElementId("sticker"));

    private GangOfCopies() {}

    static List<Bench.Row> rows() {
        List<Bench.Row> rows = new ArrayList<>();
        memory(rows);
        Job job = laid(2400);
        Editing editing = UsualEditing.editing();
        Job thousand = laid(1000);
        rows.add(new Bench.Row(
                "an edit of a design with 1,000 copies, ms against a second",
                Bench.best(
                        5,
                        () -> editing.apply(
                                new rondel.compose.arrange.Move(List.of(new ElementId("o7")), 1, 0), thousand)),
                1000,
                1));
        List<Page> pages = job.sheets().stream()
                .filter(s -> s.planned().isPresent())
                .limit(24)
                .map(s -> Page.ofSheet(job, s.id()))
                .toList();
        byte[][] files = new byte[2][];
        double ours = Bench.best(3, () -> files[0] = ours(pages));
        double peer = Bench.best(3, () -> files[1] = peer(job));
        rows.add(new Bench.Row("a PDF of 24 such sheets against a loop with form XObjects, ms", ours, peer, 1.3));
        rows.add(new Bench.Row("  bytes of it", files[0].length, files[1].length, 1.1));
        rows.add(new Bench.Row(
                "1,000 names from table to sheets, ms against 10 s", Bench.best(1, GangOfCopies::names), 10_000, 1));
        return rows;
    }

    private static void memory(List<Bench.Row> rows) {
        Job one = laid(1);
        double before = used();
        Job many = laid(10_000);
        double after = used();
        long copies = many.everything().filter(CopyElement.class::isInstance).count();
        rows.add(new Bench.Row(
                copies + " copies of " + OUTLINES + " outlines, MB above the one, against 64", after - before, 64, 1));
        if (one.sheets().size() + many.sheets().size() == 0) {
            throw new IllegalStateException();
        }
    }

    private static double used() {
        for (int i = 0; i < 4; i++) {
            System.gc();
        }
        Runtime r = Runtime.getRuntime();
        return (r.totalMemory() - r.freeMemory()) / 1e6;
    }

    private static Element sticker() {
        Random random = new Random(1);
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < OUTLINES; i++) {
            double x = random.nextDouble() * (SIDE - 2);
            double y = random.nextDouble() * (SIDE - 2);
            all.add(new ShapeElement(
                    Traits.named("").withId(new ElementId("o" + i)),
                    new OutlineBuilder()
                            .moveTo(x, y)
                            .cubicTo(x + 1, y - 0.5, x + 2, y + 0.5, x + 2, y + 1)
                            .cubicTo(x + 1.5, y + 2, x + 0.5, y + 2, x, y)
                            .close()
                            .build(),
                    FillRule.NON_ZERO,
                    Paint.solid(new Rgba(random.nextInt(256), random.nextInt(256), random.nextInt(256), 255)),
                    Optional.empty()));
        }
        return GroupElement.of(Traits.named("Sticker").withId(new ElementId("sticker")), all);
    }

    /** A job with so many copies on full sheets of A4. */
    static Job laid(int count) {
        Job blank = Job.blank("Stickers", LengthUnit.MM, 100, 100);
        Editing editing = UsualEditing.editing();
        Job job = editing.apply(new Place(SHEET, List.of(sticker()), List.of()), blank);
        return editing.apply(
                new LayOut(
                        "",
                        List.of(DesignCount.of(STICKER, count)),
                        List.of(new StockCount(Stock.sheet("A4", 210, 297), OptionalInt.empty())),
                        new Way.Rows(
                                new RowSettings(1, 1, RowSettings.Turns.NONE, RowSettings.Alternate.NONE, true),
                                Way.Order.ACROSS,
                                Way.Cutting.OWN),
                        MarkSettings.NONE),
                job);
    }

    private static byte[] ours(List<Page> pages) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PdfWriter.write(pages, PictureLevels.usual(), out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** The same copies on the same pages, with nothing else a program for this would do. */
    private static byte[] peer(Job job) {
        double k = 72 / 25.4;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            PDFormXObject form = form(document, job);
            for (Sheet sheet : job.sheets().stream()
                    .filter(s -> s.planned().isPresent())
                    .limit(24)
                    .toList()) {
                PDPage page = new PDPage(new PDRectangle((float) (sheet.width() * k), (float) (sheet.height() * k)));
                document.addPage(page);
                try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                    for (Element e : sheet.elements()) {
                        Affine at = new Affine(k, 0, 0, -k, 0, sheet.height() * k).times(e.placement());
                        stream.saveGraphicsState();
                        stream.transform(new Matrix(at.toAwt()));
                        stream.drawForm(form);
                        stream.restoreGraphicsState();
                    }
                }
            }
            document.save(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static PDFormXObject form(PDDocument document, Job job) throws IOException {
        PDAppearanceStream form = new PDAppearanceStream(document);
        form.setBBox(new PDRectangle(-20, -20, 40, 40));
        form.setResources(new PDResources());
        try (var bytes = form.getContentStream().createOutputStream(COSName.FLATE_DECODE);
                PDPageContentStream stream = new PDPageContentStream(document, form, bytes)) {
            GroupElement shown =
                    (GroupElement) job.located(new ElementId("sticker")).element();
            for (Element e : shown.children()) {
                ShapeElement s = (ShapeElement) e;
                Rgba c = ((Paint.Solid) s.fill()).colour();
                stream.setNonStrokingColor(c.red() / 255f, c.green() / 255f, c.blue() / 255f);
                double[] p = new double[6];
                for (var it = s.outline()
                                .toShape(FillRule.NON_ZERO)
                                .getPathIterator(Affine.translate(-10, -10).toAwt());
                        !it.isDone();
                        it.next()) {
                    switch (it.currentSegment(p)) {
                        case 0 -> stream.moveTo((float) p[0], (float) p[1]);
                        case 3 ->
                            stream.curveTo(
                                    (float) p[0], (float) p[1], (float) p[2], (float) p[3], (float) p[4], (float) p[5]);
                        default -> stream.closePath();
                    }
                }
                stream.fill();
            }
        }
        return form;
    }

    private static Job names() {
        Lettering name = Lettering.plain("Heron Strand", new FontChoice("EB Garamond", 400, false), 6)
                .withAlign(TextAlign.MIDDLE);
        Editing editing = UsualEditing.editing();
        Job job = editing.apply(
                new AddText(
                        SHEET,
                        25,
                        20,
                        name,
                        Paint.solid(Rgba.BLACK),
                        Optional.of(new Typesetter(new ShippedFonts()).outline(name))),
                Job.blank("Places", LengthUnit.MM, 50, 30));
        List<List<String>> rows = new ArrayList<>();
        Random random = new Random(3);
        for (int i = 0; i < 1000; i++) {
            rows.add(List.of("Guest " + Integer.toString(random.nextInt(1 << 30), 36) + " of " + random.nextInt(90)));
        }
        Design page = new Design.Page(SHEET);
        NameList list = NameListFile.list(job, page, new NameTable(List.of("Name"), rows), "Guests", Optional.empty());
        FillNames.Filled filled = new NameListFile(new ShippedFonts()).filled(job, list);
        AddNames add = new AddNames(filled.list(), List.of());
        NameList added = add.added(job);
        return editing.apply(
                new LayOut(
                        "",
                        NameDesigns.of(added),
                        List.of(new StockCount(Stock.sheet("A4", 210, 297), OptionalInt.empty())),
                        Way.Rows.PLAIN,
                        MarkSettings.NONE),
                editing.apply(add, job));
    }
}
