package rondel.lines.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.TraceSettings;

/** Mosaics and blots made at random: traced side by side, every place has one colour and no place has none; traced dark, what
 *  is painted of the outline is the picture again. */
class RandomTraceTest {

    private static final int SIDE = 220;
    private static final Color[] COLOURS = {
        new Color(0xe2725b), new Color(0x1f6f6b), new Color(0xf3e2b8), new Color(0x3a2f4a), new Color(0x9ec9c0)
    };

    private static BufferedImage mosaic(Random random, int seeds) {
        double[] x = random.doubles(seeds, 0, SIDE).toArray();
        double[] y = random.doubles(seeds, 0, SIDE).toArray();
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        for (int j = 0; j < SIDE; j++) {
            for (int i = 0; i < SIDE; i++) {
                int best = 0;
                for (int k = 1; k < seeds; k++) {
                    if (Math.hypot(i - x[k], j - y[k]) < Math.hypot(i - x[best], j - y[best])) {
                        best = k;
                    }
                }
                image.setRGB(i, j, COLOURS[best % COLOURS.length].getRGB());
            }
        }
        return image;
    }

    private static double area(Outline outline) {
        return Contour.of(outline).stream().mapToDouble(Contour::area).sum();
    }

    @RepeatedTest(6)
    void aMosaicTracedSideBySideHasNoGapAndNoOverlap(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        BufferedImage image = mosaic(random, 14);
        TraceSettings settings = new TraceSettings(5, 0.5, 4, 50, 0.6, TraceSettings.Layering.SIDE_BY_SIDE);
        List<Tracing.Layer> layers = new Tracing(image, settings).layers();
        assertThat(layers).hasSize(5);
        double sum =
                layers.stream().mapToDouble(l -> Math.abs(area(l.outline()))).sum();
        assertThat(sum).isCloseTo(SIDE * SIDE, within(0.004 * SIDE * SIDE));
        List<Shape> insides =
                layers.stream().map(l -> l.outline().toShape(FillRule.NON_ZERO)).toList();
        int right = 0;
        int told = 0;
        for (int i = 0; i < 3000; i++) {
            double px = 2 + (SIDE - 4) * random.nextDouble();
            double py = 2 + (SIDE - 4) * random.nextDouble();
            List<Integer> in = new ArrayList<>();
            for (int k = 0; k < insides.size(); k++) {
                if (insides.get(k).contains(px, py)) {
                    in.add(k);
                }
            }
            assertThat(in).as(px + ", " + py).hasSize(1);
            Color there = new Color(image.getRGB((int) px, (int) py));
            var colour = layers.get(in.getFirst()).colour();
            told++;
            right += Math.abs(there.getRed() - colour.red()) < 12 ? 1 : 0;
        }
        assertThat((double) right / told).isGreaterThan(0.985);
    }

    @RepeatedTest(6)
    void blotsTracedAndPaintedAreTheBlotsAgain(RepetitionInfo run) {
        Random random = new Random(60 + run.getCurrentRepetition());
        BufferedImage blots = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = smooth(blots);
        for (int i = 0; i < 14; i++) {
            double r = 8 + 22 * random.nextDouble();
            g.setColor(i % 4 == 3 ? Color.WHITE : Color.BLACK);
            g.fill(new Ellipse2D.Double(20 + 150 * random.nextDouble(), 20 + 150 * random.nextDouble(), r, r * 1.4));
        }
        g.dispose();
        Outline outline =
                new Tracing(blots, TraceSettings.USUAL).layers().getFirst().outline();
        BufferedImage again = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D h = smooth(again);
        h.setColor(Color.BLACK);
        h.fill(outline.toShape(FillRule.NON_ZERO));
        h.dispose();
        double off = 0;
        double dark = 0;
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                off += Math.abs((blots.getRGB(x, y) & 255) - (again.getRGB(x, y) & 255)) / 255.0;
                dark += 1 - (blots.getRGB(x, y) & 255) / 255.0;
            }
        }
        assertThat(off / dark).isLessThan(0.04);
        assertThat(Contour.of(outline).stream()
                        .mapToInt(c -> c.segments().size())
                        .sum())
                .isLessThan(160);
    }

    private static Graphics2D smooth(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, SIDE, SIDE);
        return g;
    }
}
