package rondel.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import rondel.compose.arrange.Place;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Traits;
import rondel.lines.halo.MakeHalo;
import rondel.units.LengthUnit;

/** Halos of 60 stickers on one picture of 3600 x 3600 px: time against one distance transform of it by two plain passes, how
 *  far they lie from the true offset, and how many nodes they have. */
final class HalosOfStickers {

    private static final int SIDE = 3600;
    private static final double PX = 25.4 / 300;
    private static final double DISTANCE = 1.2;

    private HalosOfStickers() {}

    static List<Bench.Row> rows() {
        List<Path2D> stickers = stickers();
        BufferedImage image = image(stickers);
        Media media = new Media(
                Media.idOf(new byte[] {7}), "png", new Media.Bytes(new byte[] {7}, m -> image), SIDE, SIDE, 1);
        Job blank = Job.blank("Stickers", LengthUnit.MM, SIDE * PX, SIDE * PX);
        Sheet sheet = blank.sheets().getFirst();
        PictureElement art = new PictureElement(
                Traits.named("art").withId(new ElementId("art")), media.id(), new Box(0, 0, SIDE * PX, SIDE * PX));
        Job job = new Place(sheet.id(), List.of(art), List.of(media)).apply(blank);
        HaloSettings settings = new HaloSettings(DISTANCE, HaloSettings.Corners.ROUND, 0, 0, 0, 0.5);
        MakeHalo make = new MakeHalo(
                List.of(new ElementId("art")),
                settings,
                OptionalDouble.empty(),
                MakeHalo.Spread.EACH,
                OptionalDouble.empty());
        double ours = Bench.best(3, () -> make.apply(job));
        double peer = Bench.best(2, () -> distances(image));
        ElementId halo = make.selects(job, make.apply(job)).getFirst();
        Outline outline = ((ShapeElement) make.apply(job).located(halo).element()).outline();
        int nodes =
                Contour.of(outline).stream().mapToInt(c -> c.segments().size()).sum();
        double length = Contour.of(outline).stream()
                .flatMap(c -> c.segments().stream())
                .mapToDouble(HalosOfStickers::length)
                .sum();
        return List.of(
                new Bench.Row("halos of 60 stickers on 3600 x 3600 px, against a distance transform", ours, peer, 1.5),
                new Bench.Row(
                        "  furthest from the true offset in mm, against 0.05", furthest(outline, stickers), 0.05, 1),
                new Bench.Row("  nodes, against one in 1.5 mm", nodes, length / 1.5, 1));
    }

    private static double length(Bezier b) {
        double length = 0;
        for (int i = 1; i <= 16; i++) {
            length += b.at((i - 1) / 16.0).distanceTo(b.at(i / 16.0));
        }
        return length;
    }

    private static List<Path2D> stickers() {
        Random random = new Random(60);
        List<Path2D> all = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Path2D blob = new Path2D.Double();
            int lobes = 3 + random.nextInt(5);
            for (int k = 0; k < 240; k++) {
                double a = k / 240.0 * 2 * Math.PI;
                double r = 150 + 28 * Math.sin(lobes * a) + 10 * Math.cos(2 * a);
                if (k == 0) {
                    blob.moveTo(r, 0);
                } else {
                    blob.lineTo(r * Math.cos(a), r * Math.sin(a));
                }
            }
            blob.closePath();
            blob.transform(
                    AffineTransform.getTranslateInstance(260 + i % 8 * 440 + random.nextDouble(), 240 + i / 8 * 445));
            all.add(blob);
        }
        return all;
    }

    private static BufferedImage image(List<Path2D> stickers) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.PINK);
        stickers.forEach(g::fill);
        g.dispose();
        return image;
    }

    /** How far places on the halo are from where they should be: from the artwork's own outlines, in mm. */
    private static double furthest(Outline halo, List<Path2D> stickers) {
        GeometryFactory factory = new GeometryFactory();
        List<Geometry> rings = new ArrayList<>();
        for (Path2D s : stickers) {
            List<Coordinate> points = new ArrayList<>();
            Contour.of(Outline.of(s))
                    .getFirst()
                    .segments()
                    .forEach(b -> points.add(new Coordinate(b.startX() * PX, b.startY() * PX)));
            points.add(points.getFirst());
            rings.add(factory.createLineString(points.toArray(Coordinate[]::new)));
        }
        IndexedFacetDistance distance = new IndexedFacetDistance(factory.buildGeometry(rings));
        double most = 0;
        for (Contour c : Contour.of(halo)) {
            for (Bezier b : c.segments()) {
                for (int i = 0; i < 12; i++) {
                    Coordinate p = new Coordinate(b.coordinate(0, i / 12.0), b.coordinate(1, i / 12.0));
                    most = Math.max(most, Math.abs(distance.distance(factory.createPoint(p)) - DISTANCE));
                }
            }
        }
        return most;
    }

    /** Felzenszwalb and Huttenlocher's exact distance transform, two plain passes. */
    private static double[] distances(BufferedImage image) {
        double[] f = new double[SIDE * SIDE];
        int[] row = new int[SIDE];
        for (int y = 0; y < SIDE; y++) {
            image.getRGB(0, y, SIDE, 1, row, 0, SIDE);
            for (int x = 0; x < SIDE; x++) {
                f[y * SIDE + x] = row[x] >>> 24 > 127 ? 0 : 1e20;
            }
        }
        double[] line = new double[SIDE];
        double[] out = new double[SIDE];
        int[] v = new int[SIDE];
        double[] z = new double[SIDE + 1];
        for (int x = 0; x < SIDE; x++) {
            for (int y = 0; y < SIDE; y++) {
                line[y] = f[y * SIDE + x];
            }
            pass(line, out, v, z);
            for (int y = 0; y < SIDE; y++) {
                f[y * SIDE + x] = out[y];
            }
        }
        for (int y = 0; y < SIDE; y++) {
            System.arraycopy(f, y * SIDE, line, 0, SIDE);
            pass(line, out, v, z);
            System.arraycopy(out, 0, f, y * SIDE, SIDE);
        }
        return f;
    }

    private static void pass(double[] f, double[] d, int[] v, double[] z) {
        int k = 0;
        v[0] = 0;
        z[0] = -1e20;
        z[1] = 1e20;
        for (int q = 1; q < f.length; q++) {
            double s = (f[q] + (double) q * q - (f[v[k]] + (double) v[k] * v[k])) / (2.0 * q - 2.0 * v[k]);
            while (s <= z[k]) {
                k--;
                s = (f[q] + (double) q * q - (f[v[k]] + (double) v[k] * v[k])) / (2.0 * q - 2.0 * v[k]);
            }
            k++;
            v[k] = q;
            z[k] = s;
            z[k + 1] = 1e20;
        }
        k = 0;
        for (int q = 0; q < f.length; q++) {
            while (z[k + 1] < q) {
                k++;
            }
            d[q] = (double) (q - v[k]) * (q - v[k]) + f[v[k]];
        }
    }
}
