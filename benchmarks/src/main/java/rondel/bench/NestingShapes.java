package rondel.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Timer;
import java.util.TimerTask;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import rondel.formats.fonts.ShippedFonts;
import rondel.gang.nest.NestSearch;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.NestResult.Place;
import rondel.job.NestSettings;
import rondel.job.NestSettings.Grain;
import rondel.job.NestSettings.Turns;
import rondel.job.Stock;
import rondel.text.Typesetter;

/** Packing by true shapes: jigsaws, whose best is all of the stock, in a minute each; and letters, leaves and stickers against their boxes packed
 *  by maximal rectangles. All are checked on their true outlines. */
final class NestingShapes {

    private static final int SECONDS = 60;
    private static final int QUICKLY = 20;
    private static final double WIDTH = 200;
    private static final double HEIGHT = 280;

    private NestingShapes() {}

    static List<Bench.Row> rows() {
        List<Bench.Row> rows = new ArrayList<>();
        int[] counts = {12, 30, 80};
        double[] aims = {85, 82, 80};
        for (int i = 0; i < counts.length; i++) {
            List<Geometry> pieces = Jigsaw.pieces(WIDTH, HEIGHT, counts[i], 5);
            Packed packed = packed(pieces, WIDTH, 0, Turns.QUARTER, SECONDS);
            rows.add(new Bench.Row(
                    "a jigsaw of " + counts[i] + " in a minute, % wasted, against the aim; sound: " + packed.sound,
                    100 - 100 * WIDTH * HEIGHT / (WIDTH * packed.length),
                    100 - aims[i],
                    1));
        }
        List<Geometry> few = Jigsaw.pieces(WIDTH, HEIGHT, 12, 6);
        rows.add(new Bench.Row(
                "the length by any turn against that by quarters, 12 pieces",
                packed(few, WIDTH, 0, Turns.FREE, QUICKLY).length,
                packed(few, WIDTH, 0, Turns.QUARTER, QUICKLY).length,
                1));
        boxes(rows, "letters", letters());
        boxes(rows, "leaves", leaves());
        boxes(rows, "stickers", stickers());
        return rows;
    }

    private static void boxes(List<Bench.Row> rows, String name, List<Geometry> shapes) {
        double gutter = 2;
        Packed packed = packed(shapes, WIDTH, gutter, Turns.QUARTER, QUICKLY);
        List<double[]> boxes = shapes.stream()
                .map(g -> new double[] {
                    g.getEnvelopeInternal().getWidth() + gutter,
                    g.getEnvelopeInternal().getHeight() + gutter
                })
                .toList();
        double peer = MaximalRectangles.length(boxes, WIDTH + gutter) - gutter;
        rows.add(new Bench.Row(
                name + " in 20 s, length against that of their boxes; sound: " + packed.sound,
                packed.length,
                peer,
                1 / 1.25));
    }

    private record Packed(double length, boolean sound) {}

    private static Packed packed(List<Geometry> shapes, double width, double gutter, Turns turns, int seconds) {
        NestSettings settings = new NestSettings(gutter, 0, turns, true, Grain.ANY, 1, 10_000);
        NestSearch search = new NestSearch(
                shapes, List.of(new NestSearch.Sheet(Stock.Grain.NONE, 0, 0, width, 20 * HEIGHT)), settings);
        Timer timer = new Timer(true);
        timer.schedule(
                new TimerTask() {
                    @Override
                    public void run() {
                        search.stop();
                    }
                },
                seconds * 1000L);
        NestSearch.Found found = search.run(f -> {});
        timer.cancel();
        return new Packed(found.lastUsed(), sound(shapes, found.places(), width, gutter));
    }

    private static boolean sound(List<Geometry> shapes, List<Place> places, double width, double gutter) {
        List<Geometry> put = new ArrayList<>();
        for (int i = 0; i < shapes.size(); i++) {
            Place p = places.get(i);
            put.add(AffineTransformation.rotationInstance(Math.toRadians(p.turn()))
                    .translate(p.x(), p.y())
                    .transform(shapes.get(i)));
        }
        boolean sound = true;
        for (int i = 0; i < put.size(); i++) {
            Envelope e = put.get(i).getEnvelopeInternal();
            sound &= e.getMinX() > -1e-3 && e.getMaxX() < width + 1e-3 && e.getMinY() > -1e-3;
            for (int j = 0; j < i; j++) {
                sound &= gutter == 0
                        ? put.get(i).intersection(put.get(j)).getArea() < 1e-3
                        : put.get(i).distance(put.get(j)) > gutter - 1e-3;
            }
        }
        return sound;
    }

    private static Geometry middled(Geometry g) {
        Envelope e = g.getEnvelopeInternal();
        return AffineTransformation.translationInstance(-e.centre().x, -e.centre().y)
                .transform(g);
    }

    private static List<Geometry> letters() {
        Typesetter typesetter = new Typesetter(new ShippedFonts());
        List<Geometry> all = new ArrayList<>();
        for (char c : "SALTMARSHTIDEPOOLSANDCOVES".toCharArray()) {
            Outline o =
                    typesetter.outline(Lettering.plain(String.valueOf(c), new FontChoice("Nunito", 700, false), 45));
            all.add(middled(FlatArea.of(Overlay.united(o), 0.02)));
        }
        return all;
    }

    private static List<Geometry> leaves() {
        List<Geometry> all = new ArrayList<>();
        Random random = new Random(4);
        for (int i = 0; i < 40; i++) {
            double l = 25 + random.nextDouble() * 45;
            double w = 8 + random.nextDouble() * 18;
            double bend = (random.nextDouble() - 0.5) * w;
            Outline leaf = new OutlineBuilder()
                    .moveTo(0, 0)
                    .cubicTo(l * 0.3, -w + bend, l * 0.7, -w + bend, l, 0)
                    .cubicTo(l * 0.7, w + bend, l * 0.3, w + bend, 0, 0)
                    .close()
                    .build();
            Geometry g = FlatArea.of(Overlay.united(leaf), 0.02);
            all.add(middled(AffineTransformation.rotationInstance(random.nextDouble() * 6.3)
                    .transform(g)));
        }
        return all;
    }

    /** Rims around animals: blobs with arms. */
    private static List<Geometry> stickers() {
        List<Geometry> all = new ArrayList<>();
        Random random = new Random(9);
        for (int i = 0; i < 30; i++) {
            int arms = 3 + random.nextInt(4);
            double r = 9 + random.nextDouble() * 8;
            double deep = 0.25 + 0.3 * random.nextDouble();
            double phase = random.nextDouble() * 6;
            OutlineBuilder b = new OutlineBuilder();
            for (int k = 0; k < 72; k++) {
                double a = Math.PI * 2 * k / 72;
                double at = r * (1 + deep * Math.sin(arms * a + phase));
                if (k == 0) {
                    b.moveTo(at * Math.cos(a), at * Math.sin(a));
                } else {
                    b.lineTo(at * Math.cos(a), at * Math.sin(a));
                }
            }
            all.add(middled(FlatArea.of(Overlay.united(b.close().build()), 0.02)));
        }
        return all;
    }
}
