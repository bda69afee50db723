package rondel.formats.handoff;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.Exporting;
import rondel.formats.export.PrintReady;
import rondel.formats.export.RasterSize;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.files.WholeFolder;
import rondel.formats.ledger.LedgerFiles;
import rondel.handoff.ledger.Ledger;
import rondel.handoff.ledger.LedgerEntry;
import rondel.job.HandOffOutput;
import rondel.job.HandOffOutput.What;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.lines.check.Finding;
import rondel.paint.PictureSource;
import rondel.progress.Advance;
import rondel.progress.Cancellation;
import rondel.run.passes.SheetLines;
import rondel.text.FontBook;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes all files of a set in a folder of their own first, and then puts those that are new or different where they belong, each whole: whoever is
 *  called off, or killed, leaves whole files or none, and a set that is made again writes only what changed. */
public final class HandOffRun {

    private final Job job;
    private final HandOffSet set;
    private final PictureSource pictures;
    private final FontBook fonts;
    private final ZonedDateTime now;

    /** What came of it.
     *
     * @param files all of the set, by their names in order
     * @param written those that were new or different
     * @param findings what could not be carried over */
    public record Result(List<Path> files, List<Path> written, List<Finding> findings) {}

    /** @param now when it is made, for files that say so */
    public HandOffRun(Job job, HandOffSet set, PictureSource pictures, FontBook fonts, ZonedDateTime now) {
        this.job = job;
        this.set = set;
        this.pictures = pictures;
        this.fonts = fonts;
        // By the day: the same set made again on it is the same to the last byte.
        this.now = now.truncatedTo(ChronoUnit.DAYS);
    }

    /** What of the job may not be sold, or is not known; nothing for a set that is not for sale. */
    public List<LedgerEntry> held() {
        return set.forSale()
                ? Ledger.of(job, fonts).stream().filter(e -> !e.forSale()).toList()
                : List.of();
    }

    /** Makes the set; slow.
     *
     * @param target a folder, or a file that ends in .zip
     * @param confirmed whether the person has said that all of it may be sold
     * @throws Refusal if something in it keeps it from being made */
    public Result make(Path target, boolean confirmed) {
        List<LedgerEntry> held = held();
        if (!held.isEmpty() && !confirmed) {
            throw Refusal.of(
                    "handoff.notForSale",
                    set.name(),
                    String.join(
                            ", ",
                            held.stream().map(LedgerEntry::thing).distinct().toList()));
        }
        try {
            Path workshop = Files.createTempDirectory("rondel-hand-off");
            try {
                List<Finding> findings = made(workshop);
                return target.getFileName()
                                .toString()
                                .toLowerCase(java.util.Locale.ROOT)
                                .endsWith(".zip")
                        ? zipped(workshop, target, findings)
                        : placed(workshop, target, findings);
            } finally {
                WholeFolder.delete(workshop);
            }
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", target, e.getMessage()), e);
        }
    }

    private List<Finding> made(Path folder) throws IOException {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < set.outputs().size(); i++) {
            Cancellation.check();
            Advance.to(i, set.outputs().size());
            findings.addAll(output(set.outputs().get(i), folder));
        }
        return findings.stream().distinct().toList();
    }

    private List<SheetId> sheets() {
        return job.sheets().stream().map(Sheet::id).toList();
    }

    /** The sheets on which there is something of what goes out; where there is nothing, no file is made. */
    private List<SheetId> sheetsWith(What what) {
        return job.sheets().stream()
                .filter(s -> switch (what) {
                    case PRINT -> SheetLines.prints(s);
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

    private List<Finding> output(HandOffOutput o, Path folder) throws IOException {
        if (o.what() == What.LEDGER) {
            ledger(o, folder);
            return List.of();
        }
        if (o.what() == What.PRINT_READY) {
            printReady(o, folder);
            return List.of();
        }
        List<SheetId> with =
                o.each() == HandOffOutput.Each.ELEMENT ? designs(sheetsWith(o.what())) : sheetsWith(o.what());
        if (with.isEmpty()) {
            return List.of();
        }
        ExportFormat format = ExportFormat.of(Path.of(o.pattern()));
        ExportRequest request = ExportRequest.of(format, with.getFirst())
                .withSheets(with)
                .withSize(size(o))
                .withTransparent(o.transparent())
                .withEach(
                        o.each() == HandOffOutput.Each.ELEMENT ? ExportRequest.Each.ELEMENT : ExportRequest.Each.SHEET);
        Optional<ExportWhat> what =
                switch (o.what()) {
                    case PRINT -> Optional.of(ExportWhat.PRINT);
                    case LINES -> Optional.of(ExportWhat.LINES);
                    case PROOF -> Optional.of(ExportWhat.PROOF);
                    default -> Optional.of(ExportWhat.ALL);
                };
        boolean together = format == ExportFormat.PDF && o.each() == HandOffOutput.Each.SHEET;
        Path name = together ? named(o, folder) : folder.resolve(o.pattern());
        List<Exporting.Output> outputs = Exporting.outputs(job, request.withWhat(what.get()), name);
        List<Exporting.Output> shown = outputs.stream().filter(this::showsAny).toList();
        return Exporting.write(shown, request.withWhat(what.get()), pictures, f -> Replacing.ANYTHING);
    }

    /** A sheet without lines makes no file of lines. */
    private boolean showsAny(Exporting.Output o) {
        return o.pages().stream().anyMatch(p -> !p.elements().isEmpty());
    }

    private static RasterSize size(HandOffOutput o) {
        return new RasterSize(
                o.ppi().orElse(RasterSize.USUAL.ppi()),
                o.width(),
                java.util.OptionalInt.empty(),
                RasterSize.USUAL.fit());
    }

    private Path named(HandOffOutput o, Path folder) {
        String name = o.pattern()
                .replace("{title}", job.title().replaceAll("[^\\p{L}\\p{Nd} _.()+-]+", "-"))
                .replaceAll("-?\\{[a-z-]+}", "");
        return folder.resolve(name);
    }

    private void printReady(HandOffOutput o, Path folder) {
        if (!o.ending().equals("pdf")) {
            throw Refusal.of(
                    "handoff.unknownEnding", o.pattern(), o.what().name().toLowerCase(java.util.Locale.ROOT));
        }
        PrintReady ready = new PrintReady(job, sheets(), Map.of());
        AtomicFile.write(named(o, folder), Replacing.ANYTHING, out -> ready.write(pictures, now, out));
    }

    private void ledger(HandOffOutput o, Path folder) {
        List<LedgerEntry> entries = Ledger.of(job, fonts);
        String text =
                switch (o.ending()) {
                    case "csv" -> LedgerFiles.csv(entries);
                    case "json" -> LedgerFiles.json(entries).toPrettyString() + "\n";
                    default ->
                        throw Refusal.of(
                                "handoff.unknownEnding",
                                o.pattern(),
                                o.what().name().toLowerCase(java.util.Locale.ROOT));
                };
        AtomicFile.write(named(o, folder), Replacing.ANYTHING, out -> out.write(text.getBytes(StandardCharsets.UTF_8)));
    }

    private static List<Path> inOrder(Path folder) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(Files::isRegularFile).sorted().toList();
        }
    }

    private Result placed(Path workshop, Path folder, List<Finding> findings) throws IOException {
        Files.createDirectories(folder);
        List<Path> files = new ArrayList<>();
        List<Path> written = new ArrayList<>();
        for (Path made : inOrder(workshop)) {
            Cancellation.check();
            Path target = folder.resolve(made.getFileName().toString());
            files.add(target);
            if (!Files.isRegularFile(target) || Files.mismatch(made, target) >= 0) {
                AtomicFile.write(target, Replacing.ANYTHING, out -> Files.copy(made, out));
                written.add(target);
            }
        }
        return new Result(files, written, findings);
    }

    private Result zipped(Path workshop, Path zip, List<Finding> findings) throws IOException {
        List<Path> files = inOrder(workshop);
        AtomicFile.write(zip, Replacing.ANYTHING, out -> packed(files, out));
        return new Result(List.of(zip), List.of(zip), findings);
    }

    private void packed(List<Path> files, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        for (Path file : files) {
            Cancellation.check();
            ZipEntry entry = new ZipEntry(file.getFileName().toString());
            entry.setTimeLocal(now.toLocalDateTime());
            zip.putNextEntry(entry);
            Files.copy(file, zip);
            zip.closeEntry();
        }
        zip.finish();
    }
}
