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
import rondel.formats.proof.SoftProof;
import rondel.formats.svg.SvgWriter;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.SheetId;
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

    /** Writes a file of one or several pages whole or not at all.
     *
     * @return what could not be painted, and has a marked box in its place */
    List<Finding> write(Exporting.Output output, PictureSource pictures, Replacing over) {
        List<Finding> found = new ArrayList<>();
        AtomicFile.write(output.file(), over, out -> found.addAll(write(output, pictures, out)));
        return found.stream().distinct().toList();
    }

    /** Writes a page as is usual, whole or not at all.
     *
     * @param size for pictures; vectors do not care
     * @return what could not be painted, and has a marked box in its place */
    public List<Finding> write(Page page, PixelSize size, PictureSource pictures, Path file, Replacing over) {
        ExportRequest usual = ExportRequest.of(this, new SheetId("page"));
        return write(new Exporting.Output(file, List.of(page), size, false, List.of(), usual), pictures, over);
    }

    /** Writes the pages of a file.
     *
     * @return what could not be painted, and has a marked box in its place */
    public List<Finding> write(Exporting.Output output, PictureSource pictures, OutputStream out) throws IOException {
        Page page = output.pages().getFirst();
        ExportRequest request = output.request();
        List<Finding> found = new ArrayList<>();
        BiConsumer<Element, Throwable> failed = (e, why) -> found.add(Unpaintable.finding(e, why));
        switch (this) {
            case PDF -> {
                PdfWriter.write(output.pages(), pictures, out);
                output.pages().forEach(p -> found.addAll(Unpaintable.of(p.elements(), Affine.IDENTITY, p.media())));
            }
            case SVG ->
                SvgWriter.write(
                        page,
                        pictures,
                        request.lines().shared(),
                        request.how().svg().liveText(),
                        out);
            case DXF -> {
                DxfChoice how = request.how().dxf();
                DxfWriter.write(page, how.version(), how.blocks(), how.looks(), out);
                if (DxfWriter.dropsAny(page)) {
                    found.add(Finding.of(Severity.NOTE, "dxfPictures"));
                }
            }
            case PNG -> {
                BufferedImage image = painted(page, output, pictures, failed);
                PngWriter.write(
                        output.trimmed() ? PageRaster.trimmed(image) : image,
                        output.size().ppi(),
                        out);
            }
            case JPG -> {
                JpegChoice how = request.how().jpeg();
                JpegWriter.write(
                        painted(page, output, pictures, failed), output.size().ppi(), how.quality(), how.matte(), out);
            }
        }
        return found.stream().distinct().toList();
    }

    private static BufferedImage painted(
            Page page, Exporting.Output output, PictureSource pictures, BiConsumer<Element, Throwable> failed) {
        BufferedImage image = PageRaster.paint(page, output.size(), pictures, failed);
        SoftProof.Shown colours = output.request().how().colours();
        if (colours != SoftProof.Shown.AS_DRAWN) {
            SoftProof.shipped().show(image, colours);
        }
        return image;
    }
}
