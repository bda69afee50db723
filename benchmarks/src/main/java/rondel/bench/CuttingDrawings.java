package rondel.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import rondel.desktop.files.DemoJobs;
import rondel.devices.Misfeed;
import rondel.devices.cutter.CutOutlines;
import rondel.devices.cutter.CutRun;
import rondel.devices.cutter.standin.CutterBody;
import rondel.devices.cutter.standin.CutterFaults;
import rondel.devices.cutter.standin.StandInCutter;
import rondel.formats.artwork.Artwork;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Traits;
import rondel.run.comparison.CutComparison;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** From the design to the route, HP-GL, a real line, the stand-in and back: how far what is cut is from what was drawn, for the demo's jobs and for
 *  drawings of a folder, {@code -Drondel.drawings}; those that ship without. */
final class CuttingDrawings {

    private static final double SIDE = 60;
    private static final int MOST = 200;
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final double LARGEST = 0.08;

    /** Areas whose boxes differ by less, in mm, are drawn twice. */
    private static final double SAME = 0.05;

    private static final double MEAN = 0.02;

    private int passes;
    private int skipped;
    private int open;
    private int innerLate;
    private double largest;
    private double meanLargest;
    private double bareLargest;
    private double timeOff;

    private CuttingDrawings() {}

    static List<Bench.Row> rows() throws IOException {
        CuttingDrawings demo = new CuttingDrawings();
        for (DemoJobs.DemoJob d : DemoJobs.all()) {
            Job job = d.read();
            job.sheets().forEach(s -> demo.cut(job, s));
        }
        CuttingDrawings drawings = new CuttingDrawings();
        for (Path file : drawings()) {
            drawing(file).ifPresentOrElse(job -> drawings.cut(job, job.sheets().getFirst()), () -> drawings.skipped++);
        }
        List<Bench.Row> rows = new ArrayList<>(demo.told("the demo's jobs"));
        rows.addAll(drawings.told("drawings"));
        return rows;
    }

    private List<Bench.Row> told(String what) {
        return List.of(
                new Bench.Row(passes + " passes of " + what + ": largest difference, mm", largest, LARGEST, 1),
                new Bench.Row("  largest of their means, mm", meanLargest, MEAN, 1),
                new Bench.Row("  outlines that are not closed, against one", open, 1, 0),
                new Bench.Row("  lines cut after what is around them, against one", innerLate, 1, 0),
                new Bench.Row("  0.2 mm against how far off a blade is that nobody makes up for", 0.2, bareLargest, 1),
                new Bench.Row("  how far the time was off that was said, % against 5", 100 * timeOff, 5, 1),
                new Bench.Row("  drawings without lines, against all", skipped, Math.max(1, passes + skipped), 1));
    }

    private static List<Path> drawings() throws IOException {
        String folder = System.getProperty("rondel.drawings", "demo/src/main/resources/rondel/demo/artwork");
        try (Stream<Path> all = Files.walk(Path.of(folder))) {
            List<Path> svg =
                    all.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
            int step = Math.max(1, svg.size() / MOST);
            return java.util.stream.IntStream.range(0, Math.min(MOST, svg.size()))
                    .mapToObj(i -> svg.get(i * step))
                    .toList();
        }
    }

    /** All shapes of a drawing as cut lines. */
    private static Optional<Job> drawing(Path file) {
        try {
            Artwork artwork = new ArtworkReader(new ShippedFonts()).read(file);
            double scale = SIDE / Math.max(artwork.width(), artwork.height());
            Element whole = GroupElement.of(
                    Traits.named("").withPlacement(Affine.translate(10, 10).times(Affine.scale(scale, scale))),
                    artwork.elements().stream().map(CuttingDrawings::cut).toList());
            Job blank = Job.blank("Drawing", LengthUnit.MM, SIDE + 20, SIDE + 20);
            Sheet sheet = Sheet.of(new SheetId("sheet-1"), "Sheet 1", SIDE + 20, SIDE + 20)
                    .withElements(List.of(whole));
            return Optional.of(blank.withSheets(List.of(sheet)));
        } catch (Refusal e) {
            return Optional.empty();
        }
    }

    private static Element cut(Element e) {
        return e instanceof GroupElement g
                ? g.withChildren(g.children().stream().map(CuttingDrawings::cut).toList())
                : e.with(t -> t.withRole(Role.CUT));
    }

    private void cut(Job job, Sheet sheet) {
        for (Pass pass : Passes.of(job, sheet.id())) {
            if (pass.tool().isPresent() && !pass.lines().isEmpty()) {
                Route route = RoutePlan.of(pass, sheet);
                CutComparison result = compared(pass, route, true);
                passes++;
                largest = Math.max(largest, result.largest());
                meanLargest = Math.max(meanLargest, result.mean());
                open += result.open();
                innerLate += late(pass, route);
                Material bare = pass.material().withBlade(0, 0, 0);
                Job without = job.withRun(job.run().with(bare));
                Pass same = Passes.of(without, sheet.id(), pass.key());
                if (pass.tool().get().tool() == rondel.job.ToolSettings.Tool.BLADE) {
                    bareLargest = Math.max(
                            bareLargest,
                            compared(same, RoutePlan.of(same, sheet), false).largest());
                }
            }
        }
    }

    private CutComparison compared(Pass pass, Route route, boolean timed) {
        try (StandInCutter cutter = new StandInCutter(
                InetAddress.getLoopbackAddress(), 0, CutterBody.USUAL, Misfeed.NONE, CutterFaults.NONE, s -> {})) {
            new CutRun(route, 0, "localhost", cutter.port(), PATIENCE, p -> {}, s -> {}).run();
            var record = cutter.record();
            if (timed) {
                timeOff = Math.max(timeOff, Math.abs(record.seconds() / route.seconds() - 1));
            }
            List<List<Point>> lines = CutOutlines.onSheet(record.lines(), CutterBody.USUAL.height(), route);
            return CutComparison.of(
                    pass.contours(), pass.load().placing(route.width(), UnaryOperator.identity()), lines);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static double size(java.awt.geom.Area a) {
        return a.isEmpty()
                ? 0
                : Math.min(a.getBounds2D().getWidth(), a.getBounds2D().getHeight());
    }

    /** How many lines are cut after one whose box holds theirs and whose area they lie in. */
    private static int late(Pass pass, Route route) {
        List<java.awt.geom.Area> areas = new ArrayList<>();
        pass.contours()
                .forEach(c -> areas.add(
                        c.closed()
                                ? new java.awt.geom.Area(c.outline().toShape(rondel.geometry.FillRule.NON_ZERO))
                                : new java.awt.geom.Area()));
        int late = 0;
        List<Integer> order = route.order();
        for (int i = 0; i < order.size(); i++) {
            java.awt.geom.Area first = areas.get(order.get(i));
            for (int k = i + 1; k < order.size(); k++) {
                var box = areas.get(order.get(k)).getBounds2D();
                if (!box.isEmpty() && first.getBounds2D().contains(box)) {
                    java.awt.geom.Area rest = new java.awt.geom.Area(areas.get(order.get(k)));
                    rest.subtract(first);
                    java.awt.geom.Area beyond = new java.awt.geom.Area(first);
                    beyond.subtract(areas.get(order.get(k)));
                    // What is drawn twice lies in each other, whichever comes first.
                    late += rest.isEmpty() && size(beyond) > SAME ? 1 : 0;
                }
            }
        }
        return late;
    }
}
