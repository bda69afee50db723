package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.locationtech.jts.geom.Geometry;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Place;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.Element;
import rondel.job.FillingSettings;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.ShapeElement;
import rondel.lines.combine.Silhouette;
import rondel.units.LengthUnit;

/** A ring that the tests fill, and what they ask of its filling. */
final class FilledRing {

    static final double GAP = 1;
    static final FillingSettings SHAPE =
            new FillingSettings(8, 25, OptionalInt.empty(), OptionalDouble.empty(), 180, GAP, true, 1, 40);

    static ShapeElement shape(String id, java.awt.Shape outline) {
        return Jobs.shape(id, Outline.of(outline));
    }

    /** A drop with a pointed tip, bent. */
    private static Path2D drop() {
        Path2D drop = new Path2D.Double();
        drop.moveTo(0, 0);
        drop.curveTo(9, 1, 14, 6, 12, 12);
        drop.curveTo(10, 17, 2, 16, 1, 11);
        drop.curveTo(0, 7, 3, 5, 0, 0);
        drop.closePath();
        return drop;
    }

    /** A fat ring, open at the right, with a disc and a drop beside it to fill it with. */
    static Job job() {
        Area ring = new Area(new Ellipse2D.Double(10, 10, 90, 90));
        ring.subtract(new Area(new Ellipse2D.Double(40, 40, 30, 30)));
        ring.subtract(new Area(new Rectangle2D.Double(55, 46, 80, 18)));
        Job blank = Job.blank("Filling", LengthUnit.MM, 200, 200);
        List<Element> all = List.of(
                shape("ring", ring),
                shape("disc", new Ellipse2D.Double(150, 150, 10, 10)),
                shape("drop", drop()).with(t -> t.withPlacement(Affine.translate(170, 150))));
        return new Place(blank.sheets().getFirst().id(), all, List.of()).apply(blank);
    }

    static FillOutline fill(FillingSettings shape) {
        return new FillOutline(id("ring"), ids("disc", "drop"), shape);
    }

    static Element filling(Job job) {
        return job.everything()
                .filter(e ->
                        e.traits().link().filter(Link.Filling.class::isInstance).isPresent())
                .findFirst()
                .orElseThrow();
    }

    static List<Geometry> copies(Job job) {
        List<Geometry> copies = new ArrayList<>();
        for (Element e : filling(job).children()) {
            copies.add(flat(e));
        }
        return copies;
    }

    static Geometry flat(Element e) {
        Outline covered = Silhouette.framed(true).of(e.with(t -> t.withHidden(false)), Affine.IDENTITY);
        return FlatArea.of(Overlay.united(covered), 0.002);
    }

    static double covered(Job job) {
        return copies(job).stream().mapToDouble(Geometry::getArea).sum()
                / flat(job.located(id("ring")).element()).getArea();
    }

    static void isExact(Job job) {
        Geometry ring = flat(job.located(id("ring")).element());
        List<Geometry> copies = copies(job);
        for (int i = 0; i < copies.size(); i++) {
            assertThat(copies.get(i).difference(ring.buffer(1e-6)).getArea()).isZero();
            for (int j = 0; j < i; j++) {
                assertThat(copies.get(i).distance(copies.get(j))).isGreaterThanOrEqualTo(GAP);
            }
        }
    }

    private FilledRing() {}
}
