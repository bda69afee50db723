package rondel.devices.printer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.print.DocFlavor;
import javax.print.StreamPrintService;
import javax.print.StreamPrintServiceFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import rondel.devices.Misfeed;
import rondel.devices.printer.standin.StandInPrinter;
import rondel.formats.picture.PictureLevels;
import rondel.run.print.PrinterScale;
import rondel.words.Refusal;

/** What is printed has its size. */
@Timeout(value = 60, unit = TimeUnit.SECONDS)
class TrueSizeTest {

    private static final double MM = 72 / 25.4;

    @TempDir
    Path folder;

    private static byte[] testPage(Optional<PrinterScale> scale) {
        return PrintJob.testPage(279.4, 330.2, scale).pdf(PictureLevels.usual());
    }

    @Test
    void thePageAndTheRulerInThePdfAreExact() throws Exception {
        try (PDDocument document = Loader.loadPDF(testPage(Optional.empty()))) {
            PDPage page = document.getPage(0);
            assertThat(page.getMediaBox().getWidth() / MM).isCloseTo(279.4, within(0.01));
            assertThat(page.getMediaBox().getHeight() / MM).isCloseTo(330.2, within(0.01));
            Lines lines = new Lines(page);
            lines.processPage(page);
            assertThat(lines.levels).anySatisfy(l -> assertThat(l).isCloseTo(100, within(0.01)));
            assertThat(lines.levels).anySatisfy(l -> assertThat(l).isCloseTo(240, within(0.01)));
        }
    }

    @Test
    void aPrinterThatPrintsTooLargeIsMeasuredAndMadeUpFor() throws Exception {
        try (StandInPrinter printer = printer(new Misfeed(0, 0, 0, 1.004))) {
            double before = side(print(printer, testPage(Optional.empty())));
            assertThat(before).isCloseTo(240 * 1.004, within(0.1));

            PrinterScale measured = PrinterScale.measured("Stand-in", before, before, 240);
            PrinterScales kept = new PrinterScales(folder.resolve("printers.json"));
            kept.keep(new PrinterScale("stand-in", 1.01, 1.01));
            kept.keep(measured);
            assertThat(kept.of("STAND-IN").orElseThrow().across()).isCloseTo(1.004, within(0.0005));

            double after = side(print(printer, testPage(kept.of("Stand-in"))));
            assertThat(after * 250 / 240).isCloseTo(250, within(0.05));
        }
    }

    @Test
    void theSystemsPrintServiceGetsPagesAtTheirSize() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        StreamPrintServiceFactory[] factories = StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
                DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript");
        StreamPrintService service = factories[0].getPrintService(out);

        new SystemPrinter(service).print(testPage(Optional.empty()), "Test page", SystemPrinter.Settings.USUAL);

        String postScript = out.toString(StandardCharsets.ISO_8859_1);
        assertThat(postScript).startsWith("%!PS");
        assertThat(postScript).contains("/PageSize [792.0 936.0]");
        assertThat(levelLines(postScript)).anySatisfy(l -> assertThat(l / MM).isCloseTo(240, within(0.01)));
    }

    @Test
    void whatIsNoPdfHarmsNoPrinterAndNobodyThereIsASentence() throws Exception {
        List<String> log = new ArrayList<>();
        try (StandInPrinter printer =
                new StandInPrinter(InetAddress.getLoopbackAddress(), 0, folder, Misfeed.NONE, 3, log::add)) {
            try (Socket s = new Socket("localhost", printer.port())) {
                OutputStream out = s.getOutputStream();
                out.write(new byte[5000]);
                s.shutdownOutput();
                s.getInputStream().readAllBytes();
            }
            assertThat(log).last().asString().contains("no PDF");
            assertThat(print(printer, testPage(Optional.empty())).getWidth()).isEqualTo(3300);
        }
        assertThatThrownBy(() -> PrinterPort.send(new byte[10], "localhost", 1))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Nothing listens");
    }

    private StandInPrinter printer(Misfeed misfeed) throws IOException {
        return new StandInPrinter(InetAddress.getLoopbackAddress(), 0, folder, misfeed, 3, s -> {});
    }

    private static BufferedImage print(StandInPrinter printer, byte[] pdf) throws Exception {
        CompletableFuture<Path> printed = new CompletableFuture<>();
        printer.onPrinted(files -> printed.complete(files.getFirst()));
        PrinterPort.send(pdf, "localhost", printer.port());
        return ImageIO.read(printed.get(20, TimeUnit.SECONDS).toFile());
    }

    /** How wide the square is that came out, in mm: between the middles of its sides, on a row through its middle. */
    private static double side(BufferedImage page) {
        int y = page.getHeight() / 2;
        return (edge(page, y, page.getWidth() - 1, -1) - edge(page, y, 0, 1)) / (StandInPrinter.PPI / 25.4);
    }

    private static double edge(BufferedImage page, int y, int from, int step) {
        int x = from;
        while ((page.getRGB(x, y) & 255) > 200) {
            x += step;
        }
        double sum = 0;
        double weight = 0;
        for (int k = -2; k < 6; k++) {
            int at = x + step * k;
            double ink = 255 - (page.getRGB(at, y) & 255);
            sum += ink * (at + 0.5);
            weight += ink;
        }
        return sum / weight;
    }

    /** How long level lines are that the PostScript draws, in points. */
    private static List<Double> levelLines(String postScript) {
        List<Double> all = new ArrayList<>();
        double x = 0;
        double y = 0;
        Matcher m = Pattern.compile("([-\\d.]+) ([-\\d.]+) ([ML])\\s").matcher(postScript);
        while (m.find()) {
            double nx = Double.parseDouble(m.group(1));
            double ny = Double.parseDouble(m.group(2));
            if (m.group(3).equals("L") && Math.abs(ny - y) < 1e-3) {
                all.add(Math.abs(nx - x));
            }
            x = nx;
            y = ny;
        }
        return all;
    }

    /** The lengths of level lines on a page, in mm. */
    private static final class Lines extends PDFGraphicsStreamEngine {
        final List<Double> levels = new ArrayList<>();
        private double x;
        private double y;

        Lines(PDPage page) {
            super(page);
        }

        @Override
        public void appendRectangle(
                java.awt.geom.Point2D a, java.awt.geom.Point2D b, java.awt.geom.Point2D c, java.awt.geom.Point2D d) {
            levels.add(a.distance(b) / MM);
        }

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void moveTo(float toX, float toY) {
            x = toX;
            y = toY;
        }

        @Override
        public void lineTo(float toX, float toY) {
            if (Math.abs(toY - y) < 1e-3) {
                levels.add(Math.abs(toX - x) / MM);
            }
            moveTo(toX, toY);
        }

        @Override
        public void curveTo(float a, float b, float c, float d, float e, float f) {
            moveTo(e, f);
        }

        @Override
        public java.awt.geom.Point2D getCurrentPoint() {
            return new java.awt.geom.Point2D.Double(x, y);
        }

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }
}
