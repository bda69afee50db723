package rondel.formats.handoff;

import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.Exporting;
import rondel.formats.export.FileNames;
import rondel.formats.export.PrintReady;
import rondel.formats.export.RasterSize;
import rondel.formats.ledger.LedgerFiles;
import rondel.formats.ledger.LedgerPages;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.handoff.ledger.Ledger;
import rondel.handoff.ledger.LedgerEntry;
import rondel.handoff.preview.Preview;
import rondel.handoff.preview.PreviewPicture;
import rondel.job.HandOffOutput;
import rondel.job.HandOffOutput.What;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.job.PrintInks;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.lines.pieces.UsedPieces;
import rondel.paint.PictureSource;
import rondel.run.passes.SheetLines;
import rondel.text.FontBook;
import rondel.text.Typesetter;
import rondel.words.Refusal;

/** The files of a set, worked out before any is written: where there is nothing of what goes into one, it is not made. */
public final class HandOffPlan {

    private final Job job;
    private final HandOffSet set;
    private final PictureSource pictures;
    private final FontBook fonts;
    private final ZonedDateTime now;
    private final List<PlannedFile> files = new ArrayList<>();
    private final Set<String> names = new HashSet<>();
    private final Map<SheetId, PreviewPicture> pictured = new HashMap<>();

    private HandOffPlan(Job job, HandOffSet set, PictureSource pictures, FontBook fonts, ZonedDateTime now) {
        this.job = job;
        this.set = set;
        this.pictures = pictures;
        this.fonts = fonts;
        this.now = now;
    }

    /** In the order of the set.
     *
     * @param now when it is made, for files that say so
     * @throws Refusal if an output can't be a file of its kind */
    public static List<PlannedFile> of(
            Job job, HandOffSet set, PictureSource pictures, FontBook fonts, ZonedDateTime now) {
        HandOffPlan plan = new HandOffPlan(job, set, pictures, fonts, now);
        set.outputs().forEach(plan::output);
        return List.copyOf(plan.files);
    }

    private void output(HandOffOutput o) {
        switch (o.what()) {
            case LEDGER -> ledger(o);
            case PRINT_READY -> printReady(o);
            case ALL, PRINT, LINES, PROOF -> exported(o);
            default -> previews(o);
        }
    }

    /** The sheets on which there is something of what goes out. */
    private List<SheetId> sheetsWith(What what) {
        return job.sheets().stream()
                .filter(s -> switch (what) {
                    case PRINT, PRINT_READY -> SheetLines.prints(s);
                    case LINES -> !SheetLines.of(s).isEmpty();
                    default -> SheetLines.prints(s) || !SheetLines.of(s).isEmpty();
                })
                .map(Sheet::id)
                .toList();
    }

    /** Without sheets of stock, whose copies are all alike, where there are others. */
    private List<SheetId> designs(List<SheetId> sheets) {
        List<SheetId> own =
                sheets.stream().filter(s -> job.sheet(s).planned().isEmpty()).toList();
        return own.isEmpty() ? sheets : own;
    }

    private void exported(HandOffOutput o) {
        boolean whole = o.each() == HandOffOutput.Each.SHEET;
        List<SheetId> with = whole ? sheetsWith(o.what()) : designs(sheetsWith(o.what()));
        if (with.isEmpty()) {
            return;
        }
        ExportFormat format = ExportFormat.of(Path.of(o.pattern()));
        ExportRequest request = ExportRequest.of(format, with.getFirst())
                .withSheets(with)
                .withSize(size(o))
                .withTransparent(o.transparent())
                .withWhat(what(o.what()))
                .withEach(
                        switch (o.each()) {
                            case SHEET -> ExportRequest.Each.SHEET;
                            case ELEMENT -> ExportRequest.Each.ELEMENT;
                            case PIECE -> anyPieces(with) ? ExportRequest.Each.PIECE : ExportRequest.Each.ELEMENT;
                        });
        Path name = Path.of(format == ExportFormat.PDF && whole ? named(o) : o.pattern());
        for (Exporting.Output out : Exporting.outputs(job, request, name)) {
            if (out.pages().stream().anyMatch(p -> !p.elements().isEmpty())) {
                add(
                        out.file().getFileName().toString(),
                        o,
                        out.sheets(),
                        out.pages(),
                        format.ofPixels() ? Optional.of(out.size()) : Optional.empty(),
                        stream -> format.write(out, pictures, stream));
            }
        }
    }

    private boolean anyPieces(List<SheetId> sheets) {
        return sheets.stream()
                .anyMatch(s -> !UsedPieces.of(job.sheet(s).elements()).isEmpty());
    }

    private static ExportWhat what(What what) {
        return switch (what) {
            case PRINT -> ExportWhat.PRINT;
            case LINES -> ExportWhat.LINES;
            case PROOF -> ExportWhat.PROOF;
            default -> ExportWhat.ALL;
        };
    }

    private static RasterSize size(HandOffOutput o) {
        return new RasterSize(
                o.ppi().orElse(RasterSize.USUAL.ppi()),
                o.width(),
                o.height(),
                // Both sides given: all of the sheet is wanted, and the rest is paper.
                o.width().isPresent() && o.height().isPresent() ? RasterSize.Fit.PAD : RasterSize.USUAL.fit());
    }

    /** What a sheet's picture shows: what is printed, or where nothing is, its lines. */
    private Page shown(SheetId id) {
        ExportWhat what = SheetLines.prints(job.sheet(id)) ? ExportWhat.PRINT : ExportWhat.PROOF;
        return Exporting.outputs(
                        job,
                        ExportRequest.of(ExportFormat.PNG, id).withWhat(what).withFrame(ExportRequest.Frame.SHEET),
                        Path.of("sheet.png"))
                .getFirst()
                .pages()
                .getFirst();
    }

    private void previews(HandOffOutput o) {
        ExportFormat format = ExportFormat.of(Path.of(o.pattern()));
        if (format == ExportFormat.DXF) {
            throw unknownEnding(o);
        }
        Preview kind = Preview.valueOf(o.what().name());
        for (SheetId id : designs(sheetsWith(What.ALL))) {
            Sheet sheet = job.sheet(id);
            List<rondel.job.Element> elements = picture(sheet).elements(kind, o.watermark());
            Page page = new Page(
                    sheet.name(),
                    PreviewPicture.SIDE,
                    PreviewPicture.SIDE,
                    Optional.of(Rgba.WHITE),
                    elements,
                    job.media());
            RasterSize.Framed framed = size(o).of(page);
            String name = FileNames.of(o.pattern(), job, sheet, sheet.name());
            Exporting.Output out = new Exporting.Output(
                    Path.of(name),
                    List.of(framed.page()),
                    framed.size(),
                    false,
                    List.of(id),
                    ExportRequest.of(format, id));
            add(
                    name,
                    o,
                    List.of(id),
                    out.pages(),
                    format.ofPixels() ? Optional.of(out.size()) : Optional.empty(),
                    stream -> format.write(out, pictures, stream));
        }
    }

    private PreviewPicture picture(Sheet sheet) {
        return pictured.computeIfAbsent(
                sheet.id(), id -> new PreviewPicture(sheet, shown(id).elements(), new Typesetter(() -> fonts)));
    }

    /** The name of a file that shows several sheets. */
    private String named(HandOffOutput o) {
        return FileNames.of(o.pattern(), job).replaceAll("-?\\{[a-z-]+}", "");
    }

    private void printReady(HandOffOutput o) {
        if (!o.ending().equals("pdf")) {
            throw unknownEnding(o);
        }
        List<SheetId> with = sheetsWith(What.ALL);
        if (with.isEmpty()) {
            return;
        }
        PrintReady ready = new PrintReady(job, with, Map.of(), o.inks().orElse(PrintInks.USUAL));
        add(named(o), o, with, ready.looks(), Optional.empty(), stream -> {
            ready.write(pictures, now, stream);
            return List.of();
        });
    }

    private void ledger(HandOffOutput o) {
        List<LedgerEntry> entries = Ledger.of(job, fonts);
        List<SheetId> all = job.sheets().stream().map(Sheet::id).toList();
        switch (o.ending()) {
            case "csv" -> words(o, all, LedgerFiles.csv(entries));
            case "json" -> words(o, all, LedgerFiles.json(entries).toPrettyString() + "\n");
            case "pdf" -> {
                List<Page> pages = LedgerPages.of(job.title(), entries, new Typesetter(() -> fonts));
                add(named(o), o, all, pages, Optional.empty(), stream -> {
                    PdfWriter.write(pages, pictures, stream);
                    return List.of();
                });
            }
            default -> throw unknownEnding(o);
        }
    }

    private void words(HandOffOutput o, List<SheetId> sheets, String text) {
        add(named(o), o, sheets, List.of(), Optional.empty(), (OutputStream stream) -> {
            stream.write(text.getBytes(StandardCharsets.UTF_8));
            return List.of();
        });
    }

    private static Refusal unknownEnding(HandOffOutput o) {
        return Refusal.of(
                "handoff.unknownEnding",
                o.pattern(),
                o.what().name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    /** @throws Refusal if another file of the set has that name */
    private void add(
            String name,
            HandOffOutput output,
            List<SheetId> sheets,
            List<Page> pages,
            Optional<rondel.formats.png.PixelSize> pixels,
            PlannedFile.Content content) {
        if (!names.add(name.toLowerCase(Locale.ROOT))) {
            throw Refusal.of("handoff.twice", set.name(), name);
        }
        files.add(new PlannedFile(name, output, sheets, pages, pixels, content));
    }
}
