package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.geometry.Point;
import rondel.job.BackdropSettings;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.HaloSettings;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.job.RoleRule;
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
import rondel.lines.join.JoinEnds;
import rondel.lines.pieces.Grouping;
import rondel.lines.pieces.KeepOnly;
import rondel.lines.pieces.Regroup;
import rondel.lines.roles.RolesByLook;
import rondel.lines.roles.SetRoleLooks;
import rondel.lines.trace.Trace;

/** The operations of the stage Lines, each with an example on the sample job. */
final class LinesOperations {

    private LinesOperations() {}

    static List<OperationKind> kinds() {
        return List.of(
                OperationKind.of(new Combine(
                        List.of(new ElementId("leaf"), new ElementId("stem")), BooleanOperation.UNITE, false)),
                OperationKind.of(new ToOutlines(List.of(new ElementId("wording")), false)),
                OperationKind.of(new RolesByLook(List.of(new RoleRule(
                        Optional.of(OperationCatalogue.SEA_GREEN),
                        Optional.empty(),
                        OptionalDouble.empty(),
                        Role.CUT)))),
                OperationKind.of(new MakeHalo(
                        OperationCatalogue.LEAF,
                        HaloSettings.USUAL,
                        OptionalDouble.of(3),
                        MakeHalo.Spread.EACH,
                        OptionalDouble.of(1))),
                OperationKind.of(new AdjustHalo(
                        List.of(new ElementId("rim")), HaloSettings.USUAL.withDistance(3), OptionalDouble.of(1))),
                OperationKind.of(new Trace(
                        List.of(new ElementId("picture")),
                        new TraceSettings(1, 0.5, 0, 50, 0.6, TraceSettings.Layering.STACKED))),
                OperationKind.of(SmoothForBlade.usual(List.of(new ElementId("spark")))),
                OperationKind.of(new SetRoleLooks(
                        List.of(new RoleLook(Role.KISS_CUT, new Rgba(0x7a, 0x1f, 0xa2, 255), "Kiss cut")))),
                OperationKind.of(new JoinEnds(List.of(new ElementId("sticks")), 0.1, 0, false)),
                OperationKind.of(new CloseOutlines(List.of(new ElementId("edge")))),
                OperationKind.of(new Regroup(List.of(), Grouping.PIECE)),
                OperationKind.of(new KeepOnly(OperationCatalogue.LEAF, true)),
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
                OperationKind.of(new RestoreBackdrop(List.of(new ElementId("cut-out")))));
    }
}
