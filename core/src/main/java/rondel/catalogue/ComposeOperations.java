package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.colour.Recolour;
import rondel.colour.SetPalette;
import rondel.colour.SetStops;
import rondel.colour.SwapColours;
import rondel.compose.arrange.ChangeStroke;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Flip;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.Lower;
import rondel.compose.arrange.MirrorToCorners;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.MoveTo;
import rondel.compose.arrange.Paste;
import rondel.compose.arrange.Pin;
import rondel.compose.arrange.Place;
import rondel.compose.arrange.Raise;
import rondel.compose.arrange.Rename;
import rondel.compose.arrange.RepeatAlong;
import rondel.compose.arrange.Resize;
import rondel.compose.arrange.Restack;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.Scale;
import rondel.compose.arrange.SetFill;
import rondel.compose.arrange.SetOpacity;
import rondel.compose.arrange.SetRole;
import rondel.compose.arrange.SetStroke;
import rondel.compose.arrange.ToBack;
import rondel.compose.arrange.ToFront;
import rondel.compose.arrange.TurnTo;
import rondel.compose.arrange.Ungroup;
import rondel.compose.lettering.AddText;
import rondel.compose.lettering.SetText;
import rondel.compose.link.Unlink;
import rondel.compose.outline.AddOutline;
import rondel.compose.outline.AddPoint;
import rondel.compose.outline.JoinContours;
import rondel.compose.outline.MoveHandle;
import rondel.compose.outline.MovePoint;
import rondel.compose.outline.OpenOutline;
import rondel.compose.outline.RemovePoint;
import rondel.compose.outline.ReverseOutline;
import rondel.compose.outline.ShapePoint;
import rondel.compose.outline.SplitOutline;
import rondel.compose.picture.Crop;
import rondel.compose.picture.SetPictureBounds;
import rondel.compose.shadow.SetShadow;
import rondel.compose.shape.AddShape;
import rondel.compose.shape.ChangeShape;
import rondel.compose.shape.MakePlain;
import rondel.compose.slot.ClipWith;
import rondel.compose.slot.EmptySlots;
import rondel.compose.slot.FillSlots;
import rondel.compose.slot.MakeSlots;
import rondel.compose.slot.SetFit;
import rondel.compose.slot.Unclip;
import rondel.compose.spacing.Align;
import rondel.compose.spacing.AlignTo;
import rondel.compose.spacing.Edge;
import rondel.compose.spacing.EvenCentres;
import rondel.compose.spacing.EvenGaps;
import rondel.compose.spacing.SetEdgeGap;
import rondel.compose.spacing.SetGap;
import rondel.compose.spacing.SetGaps;
import rondel.compose.spacing.SetGrid;
import rondel.compose.spacing.Side;
import rondel.compose.spacing.SpreadAcross;
import rondel.compose.tryout.FlipTryOut;
import rondel.compose.tryout.KeepShown;
import rondel.compose.tryout.MakeTryOut;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.StarShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.PictureBounds;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.Shadow;
import rondel.job.Stroke;
import rondel.job.TextAlign;

/** The operations of the stage Compose, each with an example on the sample job. */
final class ComposeOperations {

    private ComposeOperations() {}

    static List<OperationKind> kinds() {
        Element tag = SampleJob.square("tag", 0, 0, 20);
        return List.of(
                OperationKind.of(new Place(OperationCatalogue.SHEET, List.of(tag), List.of())),
                OperationKind.of(new Move(OperationCatalogue.LEAF, 6.35, -3)),
                OperationKind.of(new MoveTo(OperationCatalogue.LEAF, 25.4, 25.4, Anchor.TOP_LEFT)),
                OperationKind.of(new Resize(
                        OperationCatalogue.LEAF,
                        OptionalDouble.of(92.075),
                        OptionalDouble.empty(),
                        true,
                        Anchor.CENTRE,
                        Resize.Frame.OWN)),
                OperationKind.of(new Scale(OperationCatalogue.LEAF, 1.5, 1.5, Anchor.CENTRE)),
                OperationKind.of(new Pin(OperationCatalogue.LEAF, true)),
                OperationKind.of(new Paste(OperationCatalogue.SHEET, List.of(tag), List.of())),
                OperationKind.of(new Rotate(OperationCatalogue.LEAF, 15, Anchor.CENTRE)),
                OperationKind.of(new TurnTo(OperationCatalogue.LEAF, 37.5)),
                OperationKind.of(new Flip(OperationCatalogue.LEAF, Axis.HORIZONTAL)),
                OperationKind.of(new Duplicate(OperationCatalogue.LEAF, 12.7, 0)),
                OperationKind.of(new Delete(OperationCatalogue.LEAF)),
                OperationKind.of(new Group(List.of(new ElementId("leaf"), new ElementId("stem")), "Spray")),
                OperationKind.of(new Ungroup(OperationCatalogue.CLUSTER, false)),
                OperationKind.of(new Rename(OperationCatalogue.LEAF, "Leaf, left")),
                OperationKind.of(new Hide(OperationCatalogue.LEAF, true)),
                OperationKind.of(new Lock(OperationCatalogue.LEAF, true)),
                OperationKind.of(new Raise(OperationCatalogue.LEAF)),
                OperationKind.of(new Lower(OperationCatalogue.STEM)),
                OperationKind.of(new ToFront(OperationCatalogue.LEAF)),
                OperationKind.of(new ToBack(OperationCatalogue.STEM)),
                OperationKind.of(new Restack(OperationCatalogue.LEAF, 1)),
                OperationKind.of(
                        new Align(OperationCatalogue.THREE, Edge.TOP, AlignTo.EACH_OTHER, Optional.empty(), false)),
                OperationKind.of(new EvenCentres(OperationCatalogue.THREE, Axis.VERTICAL)),
                OperationKind.of(new EvenGaps(OperationCatalogue.THREE, Axis.HORIZONTAL)),
                OperationKind.of(new SetGaps(OperationCatalogue.THREE, Axis.HORIZONTAL, 3.175, Optional.empty())),
                OperationKind.of(new SetGrid(OperationCatalogue.THREE, 2, 6.35, 6.35)),
                OperationKind.of(new SpreadAcross(OperationCatalogue.THREE, Axis.HORIZONTAL, 12.7, 200)),
                OperationKind.of(new SetEdgeGap(OperationCatalogue.LEAF, Side.BELOW, 25.4)),
                OperationKind.of(new SetGap(OperationCatalogue.CLUSTER, Side.LEFT, 12.7, false)),
                OperationKind.of(
                        new ClipWith(List.of(new ElementId("leaf"), new ElementId("stem")), new ElementId("stem"))),
                OperationKind.of(new Unclip(OperationCatalogue.SLOT)),
                OperationKind.of(new MakeSlots(OperationCatalogue.LEAF, Fit.FILL)),
                OperationKind.of(new FillSlots(OperationCatalogue.SLOT, List.of(OperationCatalogue.PICTURE))),
                OperationKind.of(new SetFit(OperationCatalogue.SLOT, Fit.WHOLE)),
                OperationKind.of(new EmptySlots(OperationCatalogue.SLOT)),
                OperationKind.of(new SetShadow(OperationCatalogue.LEAF, Optional.of(Shadow.USUAL))),
                OperationKind.of(new AddText(
                        OperationCatalogue.SHEET,
                        25.4,
                        50.8,
                        Lettering.plain("Low tide", new FontChoice("Great Vibes", 400, false), 12),
                        Paint.solid(OperationCatalogue.SEA_GREEN),
                        Optional.of(Outline.rectangle(new Box(0, -8, 40, 8))))),
                OperationKind.of(new SetText(
                        new ElementId("wording"),
                        Lettering.plain("High tide", new FontChoice("Playball", 400, false), 10)
                                .withAlign(TextAlign.MIDDLE),
                        Optional.of(Outline.rectangle(new Box(-20, -7, 40, 7))))),
                OperationKind.of(new MakeTryOut(List.of(new ElementId("leaf"), new ElementId("stem")), "Leaves")),
                OperationKind.of(new FlipTryOut(OperationCatalogue.TRY_OUT, 1)),
                OperationKind.of(new KeepShown(OperationCatalogue.TRY_OUT)),
                OperationKind.of(new MirrorToCorners(OperationCatalogue.LEAF, Optional.empty(), true)),
                OperationKind.of(new Unlink(OperationCatalogue.TWINS)),
                OperationKind.of(new RepeatAlong(OperationCatalogue.STEM, Axis.HORIZONTAL, 0, 304.8, 2, 2, 0.05)),
                OperationKind.of(new SetFill(OperationCatalogue.LEAF, Paint.solid(new Rgba(0xe2, 0x72, 0x5b, 255)))),
                OperationKind.of(
                        new Recolour(List.of(), OperationCatalogue.SEA_GREEN, new Rgba(0xe2, 0x72, 0x5b, 255), 0.02)),
                OperationKind.of(new SwapColours(
                        List.of(),
                        List.of(OperationCatalogue.SEA_GREEN, Rgba.WHITE),
                        List.of(Rgba.WHITE, OperationCatalogue.SEA_GREEN))),
                OperationKind.of(new SetStops(
                        List.of(new ElementId("sky")),
                        List.of(
                                new Paint.Stop(0, new Rgba(0xfb, 0xd0, 0xa8, 255)),
                                new Paint.Stop(1, new Rgba(0x8f, 0xb5, 0xaf, 255))))),
                OperationKind.of(
                        new SetPalette(List.of(OperationCatalogue.SEA_GREEN, new Rgba(0xe2, 0x72, 0x5b, 255)))),
                OperationKind.of(new SetStroke(OperationCatalogue.LEAF, Optional.of(Stroke.plain(Rgba.BLACK, 0.5)))),
                OperationKind.of(new ChangeStroke(
                        OperationCatalogue.LEAF,
                        Optional.of(Paint.solid(OperationCatalogue.SEA_GREEN)),
                        OptionalDouble.of(0.75))),
                OperationKind.of(new SetRole(OperationCatalogue.LEAF, Role.KISS_CUT)),
                OperationKind.of(new AddShape(
                        OperationCatalogue.SHEET,
                        new BoxShape(
                                66.421,
                                86.868,
                                Corners.all(Corners.Style.ROUND, 5),
                                new rondel.geometry.shape.Edge(rondel.geometry.shape.Edge.Style.SCALLOPED, 6, 3)),
                        25.4,
                        25.4,
                        "Frame",
                        Paint.solid(Rgba.WHITE),
                        Optional.of(
                                Stroke.plain(OperationCatalogue.SEA_GREEN, 0.7).withPosition(Stroke.Position.INSIDE)),
                        Role.PRINT)),
                OperationKind.of(new ChangeShape(List.of(new ElementId("box")), new StarShape(40, 38, 6, 0.4))),
                OperationKind.of(new SetOpacity(OperationCatalogue.LEAF, 0.5)),
                OperationKind.of(new Crop(List.of(new ElementId("picture")), Optional.of(new Box(110, 15, 20, 15)))),
                OperationKind.of(new SetPictureBounds(PictureBounds.FRAME, 0.1)),
                OperationKind.of(new MakePlain(List.of(new ElementId("box")))),
                OperationKind.of(new AddOutline(
                        OperationCatalogue.SHEET,
                        new OutlineBuilder()
                                .moveTo(20, 40)
                                .cubicTo(30, 20, 50, 20, 60, 40)
                                .lineTo(40, 60)
                                .close()
                                .build(),
                        "Shell",
                        Paint.solid(Rgba.WHITE),
                        Optional.of(Stroke.plain(OperationCatalogue.SEA_GREEN, 0.5)),
                        Role.CUT)),
                OperationKind.of(new AddPoint(new ElementId("leaf"), 0, 0, 0.5)),
                OperationKind.of(new MovePoint(new ElementId("leaf"), 0, 1, 35, 8)),
                OperationKind.of(new MoveHandle(new ElementId("leaf"), 0, 1, 1, 38, 16)),
                OperationKind.of(new RemovePoint(new ElementId("leaf"), 0, 2)),
                OperationKind.of(new ShapePoint(new ElementId("leaf"), 0, 1, true)),
                OperationKind.of(new OpenOutline(new ElementId("leaf"), 0, 1)),
                OperationKind.of(new SplitOutline(new ElementId("edge"), 0, 1, OptionalInt.empty())),
                OperationKind.of(new JoinContours(new ElementId("sticks"), 0, 1, 0.1)),
                OperationKind.of(new ReverseOutline(new ElementId("leaf"), OptionalInt.empty())));
    }
}
