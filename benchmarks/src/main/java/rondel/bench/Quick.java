package rondel.bench;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import rondel.colour.Recolour;
import rondel.compose.snap.Snapper;
import rondel.compose.spacing.Gaps;
import rondel.compose.spacing.Neighbourhood;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.job.Sheet;
import rondel.paint.Painter;

/** What must fit into one frame of 16.7 ms on a sheet of 5,000 elements; and a shadow at 600 ppi against painting the same
 *  thing without one. Medians of many runs, after as many to warm up. */
final class Quick {

    private static final double FRAME = 1000 / 60.0;
    private static final int RUNS = 60;

    private interface Work {
        void run();
    }

    private Quick() {}

    static List<Bench.Row> rows() {
        Job job = Outlines.job(5000);
        Sheet sheet = job.sheets().getFirst();
        List<Box> boxes = new ArrayList<>();
        Neighbourhood.others(sheet.elements(), Affine.IDENTITY, java.util.Set.of())
                .forEach(n -> boxes.add(n.box()));
        Snapper snapper = new Snapper(boxes, sheet);
        Random random = new Random(1);
        List<Bench.Row> rows = new ArrayList<>();
        rows.add(row(
                "snapping among 5,000 elements, against a frame",
                1,
                () -> snapper.box(new Box(random.nextDouble(280), random.nextDouble(280), 12, 9), 2)));
        rows.add(row("starting to snap among 5,000, against a frame", 1, () -> new Snapper(boxes, sheet)));
        List<ElementId> one = List.of(sheet.elements().get(2500).id());
        rows.add(row("gaps among 5,000 elements, against a frame", 1, () -> gaps(job, one)));
        rows.add(row("recolouring 5,000 elements, against a frame", 1, () -> new Recolour(
                        List.of(), new Rgba(1, 2, 3, 255), new Rgba(9, 9, 9, 255), 0.5)
                .apply(job)));
        rows.add(shadow(sheet.elements().get(7)));
        return rows;
    }

    private static Gaps gaps(Job job, List<ElementId> one) {
        return Neighbourhood.of(job, one).gaps();
    }

    private static Bench.Row row(String name, double aim, Work work) {
        return new Bench.Row(name, median(work), FRAME, aim);
    }

    private static Bench.Row shadow(Element e) {
        Element shaded = e.with(t -> t.withShadow(Optional.of(Shadow.USUAL)));
        return new Bench.Row(
                "a shadow at 600 ppi on 2 x 2 in, against a Gaussian of the JDK's",
                median(() -> paint(shaded)),
                median(Quick::convolved),
                1);
    }

    private static void paint(Element e) {
        BufferedImage image = new BufferedImage(1200, 1200, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, 1200, 1200);
        double scale = 600 / 25.4;
        g.scale(scale, scale);
        Box box = rondel.job.Extent.of(e, Affine.IDENTITY).orElseThrow();
        g.scale(40 / Math.max(box.width(), box.height()), 40 / Math.max(box.width(), box.height()));
        g.translate(-box.x(), -box.y());
        new Painter(Map.of(), (m, s) -> image).elements(g, List.of(e));
        g.dispose();
    }

    /** The same blur as two passes of the JDK's ConvolveOp. */
    private static void convolved() {
        double deviation = Shadow.USUAL.deviation() * 600 / 25.4;
        int reach = (int) Math.ceil(3 * deviation);
        float[] kernel = new float[2 * reach + 1];
        float sum = 0;
        for (int i = 0; i < kernel.length; i++) {
            kernel[i] = (float) Math.exp(-(i - reach) * (i - reach) / (2 * deviation * deviation));
            sum += kernel[i];
        }
        for (int i = 0; i < kernel.length; i++) {
            kernel[i] /= sum;
        }
        BufferedImage image = new BufferedImage(1200, 1200, BufferedImage.TYPE_INT_ARGB_PRE);
        BufferedImage across =
                new java.awt.image.ConvolveOp(new java.awt.image.Kernel(kernel.length, 1, kernel)).filter(image, null);
        new java.awt.image.ConvolveOp(new java.awt.image.Kernel(1, kernel.length, kernel)).filter(across, null);
    }

    private static double median(Work work) {
        double[] times = new double[RUNS];
        for (int i = 0; i < 2 * RUNS; i++) {
            long start = System.nanoTime();
            work.run();
            times[i % RUNS] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(times);
        return times[RUNS / 2];
    }
}
