package rondel.formats.pdf.reading;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import rondel.formats.artwork.Artwork;
import rondel.formats.files.FileName;
import rondel.geometry.Affine;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.words.Refusal;
import rondel.words.Words;

/** Reads a page of a PDF at the size that it states. */
public final class PdfReader {

    private static final double MM = 25.4 / 72;

    private PdfReader() {}

    /** @param name of the file, with its ending
     *  @param page its number, from 1
     *  @throws Refusal if it can't be read, is locked or has no such page */
    public static Artwork read(byte[] bytes, String name, int page) {
        try (PDDocument document = Loader.loadPDF(bytes, "", null, null, IOUtils.createMemoryOnlyStreamCache())) {
            int count = document.getNumberOfPages();
            if (page < 1 || page > count) {
                throw Refusal.of("pdf.noPage", name, count, page);
            }
            Artwork artwork = read(document.getPage(page - 1), name);
            return count == 1 || page > 1
                    ? artwork
                    : artwork.withFinding(Finding.of(Severity.NOTE, "pdf.firstPage", name, String.valueOf(count)));
        } catch (InvalidPasswordException e) {
            throw new Refusal(Words.of("pdf.locked", name), e);
        } catch (IOException
                | IllegalArgumentException
                | ClassCastException
                | IndexOutOfBoundsException
                | NullPointerException
                | IllegalStateException
                | ArithmeticException e) {
            // PDFBox meets damage of every kind with whatever comes: it is the file's, not the program's.
            throw new Refusal(Words.of("pdf.broken", name), e);
        } catch (StackOverflowError e) {
            throw new Refusal(Words.of("pdf.deep", name), e);
        }
    }

    /** How many pages a file has that was read before. */
    public static int pages(Path file) {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new Refusal(Words.of("pdf.broken", file.getFileName()), e);
        }
    }

    private static Artwork read(PDPage page, String name) throws IOException {
        PDRectangle box = page.getCropBox();
        double unit = MM * page.getUserUnit();
        boolean turned = page.getRotation() % 180 != 0;
        double width = (turned ? box.getHeight() : box.getWidth()) * unit;
        double height = (turned ? box.getWidth() : box.getHeight()) * unit;
        Affine up = new Affine(unit, 0, 0, -unit, -box.getLowerLeftX() * unit, box.getUpperRightY() * unit);
        Affine toMm =
                switch (Math.floorMod(page.getRotation(), 360)) {
                    case 90 -> new Affine(0, 1, -1, 0, width, 0).times(up);
                    case 180 -> new Affine(-1, 0, 0, -1, width, height).times(up);
                    case 270 -> new Affine(0, -1, 1, 0, 0, height).times(up);
                    default -> up;
                };
        PageElements elements = new PageElements(page, toMm);
        elements.processPage(page);
        List<Finding> findings = new ArrayList<>();
        elements.dropped()
                .forEach((what, count) ->
                        findings.add(Finding.of(Severity.WARNING, "pdf.dropped", name, Words.of("pdf.kind." + what))));
        return new Artwork(FileName.stem(name), width, height, true, elements.elements(), elements.media(), findings);
    }
}
