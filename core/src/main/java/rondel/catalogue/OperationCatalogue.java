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
import rondel.compose.arrange.SetRole;
import rondel.compose.arrange.SetStroke;
import rondel.compose.arrange.ToBack;
import rondel.compose.arrange.ToFront;
import rondel.compose.arrange.TurnTo;
import rondel.compose.arrange.Ungroup;
import rondel.compose.lettering.AddText;
import rondel.compose.lettering.SetText;
import rondel.compose.licence.SetProvenance;
import rondel.compose.link.Unlink;
import rondel.compose.shadow.SetShadow;
import rondel.compose.sheets.AddGuide;
import rondel.compose.sheets.AddSheet;
import rondel.compose.sheets.MoveGuide;
import rondel.compose.sheets.RemoveGuide;
import rondel.compose.sheets.RemoveSheet;
import rondel.compose.sheets.RenameSheet;
import rondel.compose.sheets.SetLinesScale;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.compose.sheets.SetSheetSize;
import rondel.compose.sheets.SetTitle;
import rondel.compose.sheets.SetUnit;
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
import rondel.geometry.Point;
import rondel.job.BackdropSettings;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.Fit;
import rondel.job.FontChoice;
import rondel.job.HaloSettings;
import rondel.job.Lettering;
import rondel.job.Licence;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.Provenance;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.Shadow;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.TextAlign;
import rondel.job.TraceSettings;
import rondel.lines.backdrop.ClearBackdrop;
import rondel.lines.backdrop.RestoreBackdrop;
import rondel.lines.combine.BooleanOperation;
import rondel.lines.combine.CloseOutlines;
import rondel.lines.combine.Combine;
import rondel.lines.combine.MakePermanent;
import rondel.lines.combine.SmoothForBlade;
import rondel.lines.combine.ToOutlines;
import rondel.lines.combine.UniteLive;
import rondel.lines.filling.FillOutline;
import rondel.lines.halo.AdjustHalo;
import rondel.lines.halo.MakeHalo;
import rondel.lines.pieces.Grouping;
import rondel.lines.pieces.KeepOnly;
import rondel.lines.pieces.Regroup;
import rondel.lines.roles.RolesByLook;
import rondel.lines.trace.Trace;
import rondel.operation.Together;
import rondel.units.LengthUnit;

/** Every operation there is. A new one is added here and nowhere else: recipes, the journal and the list that the
 *  command line prints all read from here. */
public final class OperationCatalogue {

    private static final SheetId SHEET = new SheetId("sheet-1");
    static final SheetId SPARE = new SheetId("spare");
    static final Rgba SEA_GREEN = new Rgba(0x1f, 0x6f, 0x6b, 255);
    private static final List<ElementId> LEAF = List.of(new ElementId("leaf"));
    private static final List<ElementId> STEM = List.of(new ElementId("stem"));
    private static final List<ElementId> CLUSTER = List.of(new ElementId("cluster"));

    private static final List<ElementId> THREE =
            List.of(new ElementId("leaf"), new ElementId("stem"), new ElementId("cluster"));

    private static final List<ElementId> TWINS = List.of(new ElementId("twin-1"));
    private static final List<ElementId> TRY_OUT = List.of(new ElementId("try-out"));
    private static final List<ElementId> SLOT = List.of(new ElementId("window"));
    private static final Media PICTURE = ExamplePicture.media();

    private OperationCatalogue() {}

    public static List<OperationKind> kinds() {
        Element tag = SampleJob.square("tag", 0, 0, 20);
        return List.of(
                OperationKind.of(new Place(SHEET, List.of(tag), List.of())),
                OperationKind.of(new Move(LEAF, 6.35, -3)),
                OperationKind.of(new MoveTo(LEAF, 25.4, 25.4, Anchor.TOP_LEFT)),
                OperationKind.of(new Resize(
                        LEAF, OptionalDouble.of(69.85), OptionalDouble.empty(), true, Anchor.CENTRE, Resize.Frame.OWN)),
                OperationKind.of(new Scale(LEAF, 1.5, 1.5, Anchor.CENTRE)),
                OperationKind.of(new Pin(LEAF, true)),
                OperationKind.of(new SetLinesScale(false)),
                OperationKind.of(new Rotate(LEAF, 15, Anchor.CENTRE)),
                OperationKind.of(new TurnTo(LEAF, 37.5)),
                OperationKind.of(new Flip(LEAF, Axis.HORIZONTAL)),
                OperationKind.of(new Duplicate(LEAF, 12.7, 0)),
                OperationKind.of(new Delete(LEAF)),
                OperationKind.of(new Group(List.of(new ElementId("leaf"), new ElementId("stem")), "Spray")),
                OperationKind.of(new Ungroup(CLUSTER, false)),
                OperationKind.of(new Rename(LEAF, "Leaf, left")),
                OperationKind.of(new Hide(LEAF, true)),
                OperationKind.of(new Lock(LEAF, true)),
                OperationKind.of(new Raise(LEAF)),
                OperationKind.of(new Lower(STEM)),
                OperationKind.of(new ToFront(LEAF)),
                OperationKind.of(new ToBack(STEM)),
                OperationKind.of(new Restack(LEAF, 1)),
                OperationKind.of(new Align(THREE, Edge.TOP, AlignTo.EACH_OTHER, Optional.empty(), false)),
                OperationKind.of(new EvenCentres(THREE, Axis.VERTICAL)),
                OperationKind.of(new EvenGaps(THREE, Axis.HORIZONTAL)),
                OperationKind.of(new SetGaps(THREE, Axis.HORIZONTAL, 3.175, Optional.empty())),
                OperationKind.of(new SetGrid(THREE, 2, 6.35, 6.35)),
                OperationKind.of(new SpreadAcross(THREE, Axis.HORIZONTAL, 12.7, 200)),
                OperationKind.of(new SetEdgeGap(LEAF, Side.BELOW, 25.4)),
                OperationKind.of(new SetGap(CLUSTER, Side.LEFT, 12.7, false)),
                OperationKind.of(
                        new ClipWith(List.of(new ElementId("leaf"), new ElementId("stem")), new ElementId("stem"))),
                OperationKind.of(new Unclip(SLOT)),
                OperationKind.of(new MakeSlots(LEAF, Fit.FILL)),
                OperationKind.of(new FillSlots(SLOT, List.of(PICTURE))),
                OperationKind.of(new SetFit(SLOT, Fit.WHOLE)),
                OperationKind.of(new EmptySlots(SLOT)),
                OperationKind.of(new SetShadow(LEAF, Optional.of(Shadow.USUAL))),
                OperationKind.of(new AddText(
                        SHEET,
                        25.4,
                        50.8,
                        Lettering.plain("Low tide", new FontChoice("Great Vibes", 400, false), 12),
                        Paint.solid(SEA_GREEN),
                        Optional.of(Outline.rectangle(new Box(0, -8, 40, 8))))),
                OperationKind.of(new SetText(
                        new ElementId("wording"),
                        Lettering.plain("High tide", new FontChoice("Playball", 400, false), 10)
                                .withAlign(TextAlign.MIDDLE),
                        Optional.of(Outline.rectangle(new Box(-20, -7, 40, 7))))),
                OperationKind.of(new MakeTryOut(List.of(new ElementId("leaf"), new ElementId("stem")), "Leaves")),
                OperationKind.of(new FlipTryOut(TRY_OUT, 1)),
                OperationKind.of(new KeepShown(TRY_OUT)),
                OperationKind.of(new MirrorToCorners(LEAF, Optional.empty(), true)),
                OperationKind.of(new Unlink(TWINS)),
                OperationKind.of(new RepeatAlong(STEM, Axis.HORIZONTAL, 0, 304.8, 2, 2, 0.05)),
                OperationKind.of(new SetFill(LEAF, Paint.solid(new Rgba(0xe2, 0x72, 0x5b, 255)))),
                OperationKind.of(new Recolour(List.of(), SEA_GREEN, new Rgba(0xe2, 0x72, 0x5b, 255), 0.02)),
                OperationKind.of(
                        new SwapColours(List.of(), List.of(SEA_GREEN, Rgba.WHITE), List.of(Rgba.WHITE, SEA_GREEN))),
                OperationKind.of(new SetStops(
                        List.of(new ElementId("sky")),
                        List.of(
                                new Paint.Stop(0, new Rgba(0xfb, 0xd0, 0xa8, 255)),
                                new Paint.Stop(1, new Rgba(0x8f, 0xb5, 0xaf, 255))))),
                OperationKind.of(new SetPalette(List.of(SEA_GREEN, new Rgba(0xe2, 0x72, 0x5b, 255)))),
                OperationKind.of(new SetStroke(LEAF, Optional.of(Stroke.plain(Rgba.BLACK, 0.5)))),
                OperationKind.of(new ChangeStroke(LEAF, Optional.of(Paint.solid(SEA_GREEN)), OptionalDouble.of(0.75))),
                OperationKind.of(new SetRole(LEAF, Role.KISS_CUT)),
                OperationKind.of(new Combine(
                        List.of(new ElementId("leaf"), new ElementId("stem")), BooleanOperation.UNITE, false)),
                OperationKind.of(new ToOutlines(List.of(new ElementId("wording")), false)),
                OperationKind.of(new RolesByLook(List.of(
                        new RoleRule(Optional.of(SEA_GREEN), Optional.empty(), OptionalDouble.empty(), Role.CUT)))),
                OperationKind.of(new MakeHalo(
                        LEAF, HaloSettings.USUAL, OptionalDouble.of(3), MakeHalo.Spread.EACH, OptionalDouble.of(1))),
                OperationKind.of(new AdjustHalo(
                        List.of(new ElementId("rim")), HaloSettings.USUAL.withDistance(3), OptionalDouble.of(1))),
                OperationKind.of(new Trace(
                        List.of(new ElementId("picture")),
                        new TraceSettings(1, 0.5, 0, 50, 0.6, TraceSettings.Layering.STACKED))),
                OperationKind.of(SmoothForBlade.usual(List.of(new ElementId("spark")))),
                OperationKind.of(new CloseOutlines(List.of(new ElementId("edge")))),
                OperationKind.of(new Regroup(List.of(), Grouping.PIECE)),
                OperationKind.of(new KeepOnly(LEAF, true)),
                OperationKind.of(new UniteLive(List.of(new ElementId("leaf"), new ElementId("wording")))),
                OperationKind.of(new MakePermanent(List.of(new ElementId("joined")))),
                OperationKind.of(new FillOutline(
                        new ElementId("leaf"),
                        List.of(new ElementId("dot-1")),
                        new FillingSettings(4, 8, OptionalInt.empty(), OptionalDouble.empty(), 180, 1, false, 1, 20))),
                OperationKind.of(new ClearBackdrop(
                        List.of(new ElementId("picture")),
                        new BackdropSettings(
                                0.07,
                                0,
                                true,
                                List.of(new Point(0.1, 0.1)),
                                List.of(new BackdropSettings.Brush(true, 0.2, List.of(new Point(0.8, 0.5))))))),
                OperationKind.of(new RestoreBackdrop(List.of(new ElementId("cut-out")))),
                OperationKind.of(new SetProvenance(
                        LEAF, Optional.of(new Provenance("Tide collection", "Saltmarsh Studio", Licence.OWN)))),
                OperationKind.of(new AddSheet("Back", 215.9, 279.4)),
                OperationKind.of(new SetSheetSize(SHEET, 215.9, 279.4)),
                OperationKind.of(new SetMargins(SHEET, 3, 6.35)),
                OperationKind.of(new SetPaper(SHEET, Optional.of(new Rgba(0xfb, 0xf7, 0xee, 255)))),
                OperationKind.of(new AddGuide(SHEET, Axis.HORIZONTAL, 25.4)),
                OperationKind.of(new MoveGuide(SHEET, 0, 50.8)),
                OperationKind.of(new RemoveGuide(SHEET, 0)),
                OperationKind.of(new SetTitle("Tide stickers")),
                OperationKind.of(new RenameSheet(SHEET, "Front")),
                OperationKind.of(new Together(
                        "Second sheet", List.of(new AddSheet("Inside", 127, 177.8), new SetMargins(SHEET, 3, 6)))),
                OperationKind.of(new RemoveSheet(SPARE)),
                OperationKind.of(new SetUnit(LengthUnit.IN)));
    }

    public static Optional<OperationKind> named(String name) {
        return kinds().stream().filter(k -> k.name().equals(name)).findFirst();
    }
}
