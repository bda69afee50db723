package rondel.compose.arrange;

import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** Small jobs to try operations on. */
public final class Jobs {

    public static final SheetId SHEET = new SheetId("sheet-1");

    private Jobs() {}

    public static ElementId id(String value) {
        return new ElementId(value);
    }

    public static List<ElementId> ids(String... values) {
        return List.of(values).stream().map(ElementId::new).toList();
    }

    public static ShapeElement box(String id, double x, double y, double width, double height) {
        return shape(id, Outline.rectangle(new Box(x, y, width, height)));
    }

    public static ShapeElement disc(String id, double x, double y, double r) {
        return shape(id, Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)));
    }

    /** Filled black, without a line. */
    public static ShapeElement shape(String id, Outline outline) {
        return new ShapeElement(
                Traits.named(id).withId(id(id)), outline, FillRule.NON_ZERO, Paint.solid(Rgba.BLACK), Optional.empty());
    }

    public static GroupElement group(String id, Affine placement, Element... children) {
        return GroupElement.of(Traits.named(id).withId(id(id)).withPlacement(placement), List.of(children));
    }

    public static Job of(Element... elements) {
        return Job.blank("Test", LengthUnit.MM, 300, 300).withSheet(SHEET, s -> s.withElements(List.of(elements)));
    }

    public static Box boxOf(Job job, String id) {
        return Extent.onSheet(job.located(id(id))).orElseThrow();
    }

    public static List<String> order(Job job) {
        return job.sheet(SHEET).elements().stream().map(e -> e.id().value()).toList();
    }
}
