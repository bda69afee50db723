package rondel.desktop.clip;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rondel.compose.arrange.Excerpt;
import rondel.desktop.export.ExportChoice;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.Exporting;
import rondel.formats.files.Replacing;
import rondel.formats.job.ClipFormat;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.job.TextElement;
import rondel.paint.PictureSource;

/** What is copied, in every form in which it may be wanted elsewhere. Made off the toolkit's thread.
 *
 * @param own everything, for Rondel itself
 * @param svg the drawing, for programs that draw
 * @param png its picture, with what is behind it left out
 * @param words what it says, where it is nothing but text */
public record Copied(byte[] own, String svg, byte[] png, Optional<String> words) {

    /** How fine pictures for other programs are, in pixels per inch, where that makes no side longer than {@link #LONGEST}. */
    private static final double PPI = 300;

    private static final double LONGEST = 4000;
    private static final double MM_PER_INCH = 25.4;

    public static Copied of(Job job, SheetId sheet, List<ElementId> ids, PictureSource pictures) {
        Excerpt excerpt = Excerpt.of(job, ids);
        boolean onlyText = excerpt.elements().stream().allMatch(TextElement.class::isInstance);
        Optional<String> words = onlyText
                ? Optional.of(excerpt.elements().stream()
                        .map(e -> ((TextElement) e).content())
                        .collect(Collectors.joining("\n")))
                : Optional.empty();
        String svg = new String(file(job, sheet, ids, ExportFormat.SVG, pictures), StandardCharsets.UTF_8);
        byte[] png = file(job, sheet, ids, ExportFormat.PNG, pictures);
        return new Copied(ClipFormat.write(excerpt.asJob(job)), svg, png, words);
    }

    /** The elements as a file of a kind, as the same export writes it. */
    static byte[] file(Job job, SheetId sheet, List<ElementId> ids, ExportFormat format, PictureSource pictures) {
        try {
            Path folder = Files.createTempDirectory("rondel-copy");
            Path file = folder.resolve("copy." + format.extension());
            try {
                write(job, sheet, ids, file, format, pictures);
                return Files.readAllBytes(file);
            } finally {
                Files.deleteIfExists(file);
                Files.deleteIfExists(folder);
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Writes the elements to a file of a kind, as the same export does. */
    public static void write(
            Job job, SheetId sheet, List<ElementId> ids, Path file, ExportFormat format, PictureSource pictures) {
        ExportRequest request = new ExportChoice(format, true, ppi(job, ids), true).request(job, sheet, ids);
        Exporting.write(Exporting.outputs(job, request, file), request, pictures, f -> Replacing.ANYTHING);
    }

    private static double ppi(Job job, List<ElementId> ids) {
        double longest = ids.stream()
                .flatMap(id -> Extent.onSheet(job.located(id)).stream())
                .reduce(Box::union)
                .map(b -> Math.max(b.width(), b.height()))
                .orElse(1.0);
        return Math.min(PPI, LONGEST / (longest / MM_PER_INCH));
    }
}
