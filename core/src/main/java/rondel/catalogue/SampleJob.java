package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.compose.tryout.TryOuts;
import rondel.geometry.Affine;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.shape.BoxShape;
import rondel.job.BackdropSettings;
import rondel.job.Cleared;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Guide;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Link;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** The small job that every operation's example can be applied to: a leaf, a stem, a cluster of two dots, a window, a sky, a
 *  wording, a try-out, a cut-out, a union, two twins that are kept alike, an open edge, a sharp spark, a pebble with its halo, a plain box, two sticks that nearly meet, a badge that is stitched, and a plan that lays out the leaf. */
public final class SampleJob {

    private static final Media PICTURE = ExamplePicture.media();

    private SampleJob() {}

    public static Job make() {
        Element cluster = GroupElement.of(
                Traits.named("Cluster").withId(new ElementId("cluster")),
                List.of(square("dot-1", 60, 10, 5), square("dot-2", 70, 10, 5)));
        Job blank = Job.blank("Sample", LengthUnit.MM, 304.8, 304.8);
        Sheet first = blank.sheets()
                .getFirst()
                .withGuides(List.of(new Guide(Axis.VERTICAL, 12.7)))
                .withElements(List.of(
                        square("leaf", 10, 10, 20),
                        square("stem", 20, 25, 10),
                        cluster,
                        slot(),
                        sky(),
                        wording(),
                        tryOut(),
                        cutOut(),
                        joined(),
                        twin("twin-1", 240),
                        twin("twin-2", 260),
                        edge(),
                        spark(),
                        square("pebble", 20, 200, 10),
                        rim(),
                        box(),
                        sticks(),
                        badge()));
        return SampleRun.into(SampleGang.into(blank.withMedia(List.of(PICTURE))
                .withSheets(List.of(first, Sheet.of(OperationCatalogue.SPARE, "Spare", 100, 100)))));
    }

    /** A window with a small picture in it. */
    private static Element slot() {
        GroupElement empty = new GroupElement(
                Traits.named("Window").withId(new ElementId("window")),
                List.of(),
                Optional.of(new Clip(
                        Outline.rectangle(new Box(100, 10, 40, 30)),
                        FillRule.NON_ZERO,
                        Optional.of(square("window-shape", 100, 10, 30)))),
                Optional.empty(),
                new GroupUse.Slot(Fit.FILL));
        return empty.withChildren(List.of(new PictureElement(
                Traits.named("").withId(new ElementId("picture")), PICTURE.id(), new Box(100, 5, 40, 40))));
    }

    /** Two squares that are united while they stay what they are. */
    private static Element joined() {
        List<Element> two = List.of(square("part-1", 240, 40, 10), square("part-2", 245, 45, 10));
        Element union = square("union", 240, 40, 15)
                .with(t -> t.withLink(
                        Optional.of(new Link.Union(two.stream().map(Element::id).toList()))));
        return GroupElement.of(
                Traits.named("Joined").withId(new ElementId("joined")),
                List.of(two.get(0).with(t -> t.withHidden(true)), two.get(1).with(t -> t.withHidden(true)), union));
    }

    /** A picture whose backdrop is cleared. */
    private static Element cutOut() {
        return new PictureElement(
                Traits.named("Cut-out").withId(new ElementId("cut-out")),
                PICTURE.id(),
                new Box(240, 10, 20, 10),
                Optional.of(new Cleared(PICTURE.id(), BackdropSettings.USUAL)));
    }

    private static Element tryOut() {
        List<Element> choices = List.of(square("choice-1", 200, 60, 20), square("choice-2", 205, 65, 10));
        GroupElement group = GroupElement.of(Traits.named("Try-out").withId(new ElementId("try-out")), choices);
        return TryOuts.showing(group.withUse(GroupUse.TRY_OUT), 0);
    }

    /** An open line. */
    private static Element edge() {
        return new ShapeElement(
                Traits.named("edge").withId(new ElementId("edge")),
                new OutlineBuilder()
                        .moveTo(20, 150)
                        .lineTo(60, 150)
                        .lineTo(60, 180)
                        .build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(OperationCatalogue.SEA_GREEN, 0.5)));
    }

    /** Something that is stitched, with a fill and a line. */
    private static Element badge() {
        return new ShapeElement(
                Traits.named("badge").withId(SampleRun.STITCHED).withRole(Role.STITCH),
                Outline.rectangle(new Box(120, 200, 30, 20)),
                FillRule.NON_ZERO,
                Paint.solid(OperationCatalogue.SEA_GREEN),
                Optional.of(Stroke.plain(new Rgba(0xe0, 0x70, 0x5a, 255), 1.2)));
    }

    /** A plain box. */
    private static Element box() {
        return ShapeElement.of(
                Traits.named("box").withId(new ElementId("box")).withPlacement(Affine.translate(60, 200)),
                BoxShape.of(30, 20),
                Paint.solid(OperationCatalogue.SEA_GREEN),
                Optional.empty());
    }

    /** Two lines that nearly meet. */
    private static Element sticks() {
        return new ShapeElement(
                Traits.named("sticks").withId(new ElementId("sticks")),
                new OutlineBuilder()
                        .moveTo(120, 200)
                        .lineTo(140, 200)
                        .moveTo(140.02, 200)
                        .lineTo(140, 215)
                        .build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(OperationCatalogue.SEA_GREEN, 0.5)));
    }

    /** A cut line as sharp as a needle. */
    private static Element spark() {
        return new ShapeElement(
                Traits.named("spark").withId(new ElementId("spark")).withRole(Role.CUT),
                new OutlineBuilder()
                        .moveTo(80, 150)
                        .lineTo(120, 152)
                        .lineTo(80, 154)
                        .close()
                        .build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(OperationCatalogue.SEA_GREEN, 0.25)));
    }

    /** The halo of the pebble. */
    private static Element rim() {
        return new ShapeElement(
                Traits.named("rim")
                        .withId(new ElementId("rim"))
                        .withRole(Role.KISS_CUT)
                        .withLink(Optional.of(new Link.Around(
                                List.of(new ElementId("pebble")), HaloSettings.USUAL, OptionalDouble.empty()))),
                Outline.rectangle(new Box(18, 198, 14, 14)),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(OperationCatalogue.SEA_GREEN, 0.25)));
    }

    private static Element twin(String id, double x) {
        return square(id, x, 100, 10).with(t -> t.withLink(Optional.of(new Link.Alike("twins"))));
    }

    private static Element wording() {
        return new TextElement(
                Traits.named("Wording").withId(new ElementId("wording")),
                Lettering.plain("Tide", new FontChoice("Nunito", 400, false), 10),
                Outline.rectangle(new Box(20, 80, 30, 8)),
                Paint.solid(OperationCatalogue.SEA_GREEN),
                Optional.empty());
    }

    /** A square with a gradient from pale to sea green. */
    private static Element sky() {
        ShapeElement square = (ShapeElement) square("sky", 160, 10, 30);
        return square.withFill(new Paint.Linear(
                160,
                10,
                160,
                40,
                List.of(new Paint.Stop(0, Rgba.WHITE), new Paint.Stop(1, OperationCatalogue.SEA_GREEN)),
                Paint.Spread.PAD,
                Affine.IDENTITY));
    }

    static Element square(String id, double x, double y, double side) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.rectangle(new Box(x, y, side, side)),
                FillRule.NON_ZERO,
                Paint.solid(OperationCatalogue.SEA_GREEN),
                Optional.empty());
    }
}
