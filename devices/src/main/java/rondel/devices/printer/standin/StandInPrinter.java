package rondel.devices.printer.standin;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import rondel.devices.Misfeed;
import rondel.formats.files.AtomicFile;
import rondel.formats.png.PngWriter;
import rondel.words.Decimals;
import rondel.words.Words;

/** A printer on a port: takes PDF, and draws what would come out of it, within the margins that it reaches, a little askew and too large if it
 *  is told to be. It listens on the loopback only, unless it is told otherwise. */
public final class StandInPrinter implements AutoCloseable {

    /** How fine it prints. */
    public static final double PPI = 300;

    private static final double MM_PER_INCH = 25.4;
    private static final double POINTS = 72;

    /** More than this, in bytes, no printer keeps. */
    private static final int MOST = 256 << 20;

    /** More pixels than this, on one page, it does not draw. */
    private static final long LARGEST = 120_000_000L;

    private final ServerSocket server;
    private final Path folder;
    private final Misfeed misfeed;
    private final double margin;
    private final Consumer<String> log;
    private final Thread listening;
    private volatile Consumer<List<Path>> printed = p -> {};

    /** @param port 0 for any that is free
     *  @param margin how far from the edges it can't print, in mm */
    public StandInPrinter(
            InetAddress address, int port, Path folder, Misfeed misfeed, double margin, Consumer<String> log)
            throws IOException {
        this.folder = folder;
        this.misfeed = misfeed;
        this.margin = margin;
        this.log = log;
        server = new ServerSocket(port, 8, address);
        listening = Thread.ofVirtual().name("stand-in printer").start(this::listen);
    }

    public int port() {
        return server.getLocalPort();
    }

    /** Has a listener hear of the pictures of each job that is printed. */
    public void onPrinted(Consumer<List<Path>> listener) {
        printed = listener;
    }

    private void listen() {
        while (!server.isClosed()) {
            try (Socket socket = server.accept()) {
                take(socket);
            } catch (IOException e) {
                if (!server.isClosed()) {
                    log.accept(Words.of("printer.lineBroke", String.valueOf(e.getMessage())));
                }
            }
        }
    }

    private void take(Socket socket) throws IOException {
        InputStream in = socket.getInputStream();
        byte[] pdf = in.readNBytes(MOST);
        if (pdf.length == MOST) {
            log.accept(Words.of("printer.tooMuch"));
            return;
        }
        try (PDDocument document = Loader.loadPDF(pdf)) {
            List<Path> files = new ArrayList<>();
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                PDRectangle box = document.getPage(i).getMediaBox();
                Path file = free();
                BufferedImage page = drawn(renderer, i, box.getWidth() / POINTS, box.getHeight() / POINTS);
                AtomicFile.write(file, o -> PngWriter.write(page, PPI, o));
                files.add(file);
                log.accept(Words.of(
                        "printer.page",
                        file.getFileName().toString(),
                        Decimals.of(box.getWidth() / POINTS * MM_PER_INCH, 2),
                        Decimals.of(box.getHeight() / POINTS * MM_PER_INCH, 2)));
            }
            printed.accept(files);
        } catch (IOException | IllegalArgumentException e) {
            log.accept(Words.of("printer.noPdf", String.valueOf(e.getMessage())));
        }
    }

    private Path free() {
        int n = 1;
        while (Files.exists(folder.resolve("print-" + n + ".png"))) {
            n++;
        }
        return folder.resolve("print-" + n + ".png");
    }

    /** A page as it comes out.
     *
     * @param width in inches */
    private BufferedImage drawn(PDFRenderer renderer, int page, double width, double height) throws IOException {
        int w = (int) Math.round(width * PPI);
        int h = (int) Math.round(height * PPI);
        if ((long) w * h > LARGEST) {
            throw new IOException(Words.of("printer.tooLarge"));
        }
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setBackground(Color.WHITE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, w, h);
        double edge = margin / MM_PER_INCH * PPI;
        g.setClip(new Rectangle(
                (int) Math.ceil(edge), (int) Math.ceil(edge), (int) (w - 2 * edge), (int) (h - 2 * edge)));
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        double perMm = PPI / MM_PER_INCH;
        // About the lower left corner, turned anticlockwise: y runs down here.
        g.translate(misfeed.x() * perMm, h - misfeed.y() * perMm);
        g.rotate(Math.toRadians(-misfeed.degrees()));
        g.scale(misfeed.scale(), misfeed.scale());
        g.translate(0, -h);
        renderer.renderPageToGraphics(page, g, (float) (PPI / POINTS));
        g.dispose();
        return image;
    }

    /** Waits until it is closed. */
    public void join() throws InterruptedException {
        listening.join();
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
