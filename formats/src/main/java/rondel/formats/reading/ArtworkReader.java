package rondel.formats.reading;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.zip.GZIPInputStream;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkKind;
import rondel.formats.dst.DstArtwork;
import rondel.formats.dxf.DxfReader;
import rondel.formats.files.FileName;
import rondel.formats.job.JobFile;
import rondel.formats.pdf.reading.PdfReader;
import rondel.formats.picture.PictureReader;
import rondel.formats.svg.PixelScale;
import rondel.formats.svg.SvgReader;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.progress.Cancellation;
import rondel.text.FontBook;
import rondel.words.Refusal;
import rondel.words.Words;

/** Any file that can be placed. What it is, is told by its first bytes, not by its ending. */
public final class ArtworkReader {

    private static final long LARGEST = 1L << 30;

    private final Supplier<FontBook> fonts;
    private final PixelScale scale;
    private final ReadingChoice choice;

    public ArtworkReader(Supplier<FontBook> fonts) {
        this(fonts, PixelScale.CSS);
    }

    /** @param scale of drawings that tell their size in pixels, or none */
    public ArtworkReader(Supplier<FontBook> fonts, PixelScale scale) {
        this(fonts, scale, ReadingChoice.USUAL);
    }

    private ArtworkReader(Supplier<FontBook> fonts, PixelScale scale, ReadingChoice choice) {
        this.fonts = fonts;
        this.scale = scale;
        this.choice = choice;
    }

    /** The same, which reads so what files leave open. */
    public ArtworkReader with(ReadingChoice other) {
        return new ArtworkReader(fonts, scale, other);
    }

    /** What a file left open when it was read.
     *
     * @param read what came of it */
    public OpenQuestions questions(Path file, Artwork read) {
        boolean unitless = read.findings().stream().anyMatch(f -> f.code().equals("dxf.noUnit"));
        boolean several = read.findings().stream().anyMatch(f -> f.code().equals("pdf.firstPage"));
        return new OpenQuestions(several ? PdfReader.pages(file) : 1, unitless);
    }

    /** The fonts that text in drawings is set in. */
    public Supplier<FontBook> fonts() {
        return fonts;
    }

    /** @throws Refusal naming the file and what to do
     *  @throws java.util.concurrent.CancellationException if the work was called off */
    public Artwork read(Path file) {
        try {
            if (!Files.isRegularFile(file)) {
                throw Refusal.of("file.notFound", file);
            }
            if (Files.size(file) > LARGEST) {
                throw Refusal.of("file.tooLarge", file);
            }
            if (isArchive(file)) {
                return ofJob(JobFile.read(file), file);
            }
            Artwork artwork = read(Files.readAllBytes(file), file.getFileName().toString());
            Cancellation.check();
            return artwork;
        } catch (IOException e) {
            Cancellation.check();
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    private static boolean isArchive(Path file) throws IOException {
        try (java.io.InputStream in = Files.newInputStream(file)) {
            return ArtworkKind.ofBytes(in.readNBytes(ArtworkKind.FIRST)).equals(Optional.of(ArtworkKind.JOB));
        }
    }

    /** A job as artwork: what is on its first sheet; that there are more is said. */
    private static Artwork ofJob(Job job, Path file) {
        Sheet sheet = job.sheets().getFirst();
        Artwork artwork = new Artwork(
                FileName.stem(file.toString()),
                sheet.width(),
                sheet.height(),
                false,
                sheet.elements(),
                List.copyOf(job.media().values()),
                List.of());
        return job.sheets().size() == 1
                ? artwork
                : artwork.withFinding(Finding.of(
                        Severity.NOTE,
                        "artwork.firstSheet",
                        file.getFileName(),
                        job.sheets().size()));
    }

    /** @param name of the file, with its ending */
    public Artwork read(byte[] bytes, String name) {
        ArtworkKind kind = ArtworkKind.ofBytes(bytes).orElseThrow(() -> Refusal.of("picture.unknown", name));
        Artwork artwork =
                switch (kind) {
                    case PNG, JPEG -> PictureReader.read(bytes, name);
                    case SVG -> SvgReader.read(new ByteArrayInputStream(bytes), name, fonts, scale);
                    case PACKED_SVG ->
                        SvgReader.read(new ByteArrayInputStream(unpacked(bytes, name)), name, fonts, scale);
                    case PDF -> PdfReader.read(bytes, name, choice.page());
                    case DXF -> DxfReader.read(bytes, name, choice.unit());
                    case TAPE -> DstArtwork.read(bytes, name);
                    case JOB -> throw Refusal.of("picture.unknown", name);
                };
        return told(artwork, name, kind);
    }

    /** Says so where a file's ending tells of another kind than it is. */
    private static Artwork told(Artwork artwork, String name, ArtworkKind kind) {
        String ending = ArtworkKind.ofName(name).orElse(kind).title();
        return ending.equals(kind.title())
                ? artwork
                : artwork.withFinding(Finding.of(Severity.NOTE, "artwork.otherKind", name, kind.title()));
    }

    private static byte[] unpacked(byte[] bytes, String name) {
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            byte[] all = in.readNBytes(256 << 20);
            if (in.read() >= 0) {
                throw Refusal.of("file.tooLarge", name);
            }
            return all;
        } catch (IOException e) {
            throw new Refusal(Words.of("svg.unreadable", name), e);
        }
    }
}
