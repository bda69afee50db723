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
import java.util.Locale;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.files.WholeFolder;
import rondel.handoff.ledger.Ledger;
import rondel.handoff.ledger.LedgerEntry;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.paint.PictureSource;
import rondel.progress.Cancellation;
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

    public HandOffSet set() {
        return set;
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
                return isZip(target) ? zipped(workshop, target, findings) : placed(workshop, target, findings);
            } finally {
                WholeFolder.delete(workshop);
            }
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", target, e.getMessage()), e);
        }
    }

    /** The files that it will have, before any is made. */
    public List<PlannedFile> plan() {
        return HandOffPlan.of(job, set, pictures, fonts, now);
    }

    private static boolean isZip(Path target) {
        return target.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".zip");
    }

    private List<Finding> made(Path folder) {
        List<PlannedFile> planned = plan();
        if (planned.isEmpty()) {
            throw Refusal.of("handoff.nothingIn", set.name());
        }
        return SideBySide.make(planned, folder).stream().distinct().toList();
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
