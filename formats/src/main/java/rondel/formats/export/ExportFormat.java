package rondel.formats.export;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import rondel.formats.dxf.DxfWriter;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.formats.png.JpegWriter;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;
import rondel.formats.png.PngWriter;
import rondel.formats.svg.SvgWriter;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.lines.check.kinds.Unpaintable;
import rondel.paint.PictureSource;
import rondel.words.Refusal;

/** The kinds of files that a page can become. */
public enum ExportFormat {
    SVG,
    PDF,
    PNG,
    JPG,
    DXF;

    public static Optional<ExportFormat> ofExtension(String extension) {
        return switch (extension.toLowerCase(Locale.ROOT)) {
            case "svg" -> Optional.of(SVG);
            case "pdf" -> Optional.of(PDF);
            case "png" -> Optional.of(PNG);
            case "jpg", "jpeg" -> Optional.of(JPG);
            case "dxf" -> Optional.of(DXF);
            default -> Optional.empty();
        };
    }

    /** @throws Refusal if the file's ending is none that can be written */
    public static ExportFormat of(Path file) {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return (dot < 0 ? Optional.<ExportFormat>empty() : ofExtension(name.substring(dot + 1)))
                .orElseThrow(() -> Refusal.of("export.unknownKind", name));
    }

    public String extension() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether it is made of pixels, so that a ppi matters. */
    public boolean ofPixels() {
        return this == PNG || this == JPG;
    }

    /** @param size for pictures; vectors do not care */
    public void write(Page page, PixelSize size, PictureSource pictures, OutputStream out) throws IOException {
        switch (this) {
            case SVG -> SvgWriter.write(page, pictures, out);
            case PDF -> PdfWriter.write(page, pictures, out);
            case PNG -> PngWriter.write(page, size, pictures, out);
            case JPG -> JpegWriter.write(page, size, pictures, out);
            case DXF -> dxf(page, DxfChoice.USUAL, out);
        }
    }

    /** Writes a file of one or several pages whole or not at all.
     *
     * @return what could not be painted, and has a marked box in its place */
    List<Finding> write(Exporting.Output output, PictureSource pictures, Replacing over) {
        if (this == PDF) {
            List<Finding> found = new ArrayList<>();
            AtomicFile.write(output.file(), over, out -> PdfWriter.write(output.pages(), pictures, out));
            output.pages().forEach(p -> found.addAll(Unpaintable.of(p.elements(), Affine.IDENTITY, p.media())));
            return found.stream().distinct().toList();
        }
        if (this == SVG) {
            AtomicFile.write(
                    output.file(),
                    over,
                    out -> SvgWriter.write(output.pages().getFirst(), pictures, output.shared(), out));
            return List.of();
        }
        if (this == DXF) {
            Page page = output.pages().getFirst();
            AtomicFile.write(output.file(), over, out -> dxf(page, output.dxf(), out));
            return DxfWriter.dropsAny(page) ? List.of(Finding.of(Severity.NOTE, "dxfPictures")) : List.of();
        }
        if (!output.trimmed()) {
            return write(output.pages().getFirst(), output.size(), pictures, output.file(), over);
        }
        List<Finding> found = new ArrayList<>();
        BufferedImage image = PageRaster.trimmed(PageRaster.paint(
                output.pages().getFirst(),
                output.size(),
                pictures,
                (e, why) -> found.add(Unpaintable.finding(e, why))));
        AtomicFile.write(
                output.file(), over, out -> PngWriter.write(image, output.size().ppi(), out));
        return found.stream().distinct().toList();
    }

    /** Writes the file whole or not at all.
     *
     * @return what could not be painted, and has a marked box in its place */
    public List<Finding> write(Page page, PixelSize size, PictureSource pictures, Path file, Replacing over) {
        List<Finding> found = new ArrayList<>();
        BiConsumer<Element, Throwable> failed = (e, why) -> found.add(Unpaintable.finding(e, why));
        AtomicFile.write(file, over, out -> {
            switch (this) {
                case PNG -> PngWriter.write(page, size, pictures, out, failed);
                case JPG -> JpegWriter.write(page, size, pictures, out, failed);
                case PDF -> {
                    PdfWriter.write(page, pictures, out);
                    found.addAll(Unpaintable.of(page.elements(), Affine.IDENTITY, page.media()));
                }
                case SVG -> SvgWriter.write(page, pictures, out);
                case DXF -> dxf(page, DxfChoice.USUAL, out);
            }
        });
        return found.stream().distinct().toList();
    }

    private static void dxf(Page page, DxfChoice how, OutputStream out) throws IOException {
        DxfWriter.write(page, how.version(), how.blocks(), how.looks(), out);
    }
}
