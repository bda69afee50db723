package rondel.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.svg.PathText;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.TraceSettings;
import rondel.lines.trace.Tracing;
import rondel.text.Typesetter;

/** Tracing masks of one colour against the npm package potrace, which is asked in a process of its own and timed within it:
 *  overlap with the mask, nodes, and time. The package's folder is named by the property {@code rondel.potrace}. */
final class TracingMasks {

    private static final int SIDE = 700;
    private static final TraceSettings USUAL = TraceSettings.USUAL;
    private static final TraceSettings SHAPE =
            new TraceSettings(1, 0.5, 2, USUAL.corner(), USUAL.smoothness(), USUAL.layering());

    private TracingMasks() {}

    static List<Bench.Row> rows() {
        String potrace = System.getProperty("rondel.potrace");
        if (potrace == null) {
            System.out.println("no peer to trace against: name the folder of npm's potrace with -Drondel.potrace=…");
            return List.of();
        }
        List<BufferedImage> masks = masks();
        List<String> answers = asked(potrace, masks);
        double ours = 0;
        double peer = 0;
        int nodes = 0;
        int peerNodes = 0;
        double off = 0;
        double peerOff = 0;
        for (int i = 0; i < masks.size(); i++) {
            BufferedImage mask = masks.get(i);
            Outline traced = new Tracing(mask, SHAPE).layers().getFirst().outline();
            ours += Bench.best(15, () -> new Tracing(mask, SHAPE).layers());
            String answer = answers.get(i);
            int space = answer.indexOf(' ');
            Outline theirs = PathText.parse(answer.substring(space + 1));
            peer += Double.parseDouble(answer.substring(0, space));
            nodes += nodes(traced);
            peerNodes += nodes(theirs);
            off += 1 - overlap(mask, traced);
            peerOff += 1 - overlap(mask, theirs);
        }
        return List.of(
                new Bench.Row("masks traced, against npm's potrace", ours, peer, 1),
                new Bench.Row("  nodes", nodes, peerNodes, 1),
                new Bench.Row(
                        "  per mille of the masks' area that is off",
                        1000 * off / masks.size(),
                        1000 * peerOff / masks.size(),
                        1));
    }

    private static List<String> asked(String potrace, List<BufferedImage> masks) {
        try {
            Path folder = Files.createTempDirectory("rondel-trace");
            List<String> command = new ArrayList<>(List.of("node"));
            Path script = folder.resolve("trace.js");
            try (InputStream in = TracingMasks.class.getResourceAsStream("trace.js")) {
                Files.write(script, in.readAllBytes());
            }
            command.add(script.toString());
            command.add(Path.of(potrace).toAbsolutePath().toString());
            for (int i = 0; i < masks.size(); i++) {
                Path file = folder.resolve("mask-" + i + ".png");
                ImageIO.write(masks.get(i), "png", file.toFile());
                command.add(file.toString());
            }
            Process node = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            return new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int nodes(Outline outline) {
        return Contour.of(outline).stream().mapToInt(c -> c.segments().size()).sum();
    }

    /** The part that a mask and the inside of an outline have in common, of what either has. */
    private static double overlap(BufferedImage mask, Outline outline) {
        BufferedImage drawn = drawn(List.of(outline.toShape(FillRule.EVEN_ODD)));
        int both = 0;
        int either = 0;
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                boolean a = (mask.getRGB(x, y) & 255) < 128;
                boolean b = (drawn.getRGB(x, y) & 255) < 128;
                both += a && b ? 1 : 0;
                either += a || b ? 1 : 0;
            }
        }
        return (double) both / either;
    }

    private static BufferedImage drawn(List<Shape> shapes) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, SIDE, SIDE);
        g.setColor(Color.BLACK);
        shapes.forEach(g::fill);
        g.dispose();
        return image;
    }

    /** Lettering, stars, blobs and a splash of drops. */
    private static List<BufferedImage> masks() {
        List<BufferedImage> masks = new ArrayList<>();
        Typesetter typesetter = new Typesetter(new ShippedFonts());
        for (String family : List.of("Great Vibes", "Nunito", "EB Garamond")) {
            Outline text = typesetter.outline(Lettering.plain("Sal\nt&6", new FontChoice(family, 400, false), 200));
            masks.add(drawn(List.of(AffineTransform.getTranslateInstance(60, 240)
                    .createTransformedShape(text.toShape(FillRule.NON_ZERO)))));
        }
        Random random = new Random(3);
        for (int k = 0; k < 3; k++) {
            List<Shape> blobs = new ArrayList<>();
            for (int i = 0; i < 14; i++) {
                blobs.add(blob(random, 60 + random.nextInt(580), 60 + random.nextInt(580), 20 + random.nextInt(50), k));
            }
            masks.add(drawn(blobs));
        }
        return masks;
    }

    private static Shape blob(Random random, double cx, double cy, double size, int kind) {
        Path2D p = new Path2D.Double();
        int lobes = 3 + random.nextInt(4);
        int steps = kind == 0 ? 2 * lobes : 90;
        for (int i = 0; i < steps; i++) {
            double a = 2 * Math.PI * i / steps;
            double r = kind == 0 ? (i % 2 == 0 ? size : size / 2) : size * (1 + 0.3 * Math.sin(lobes * a + kind));
            if (i == 0) {
                p.moveTo(cx + r, cy);
            } else {
                p.lineTo(cx + r * Math.cos(a), cy + r * Math.sin(a));
            }
        }
        p.closePath();
        return p;
    }
}
