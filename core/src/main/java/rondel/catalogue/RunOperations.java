package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import rondel.job.Cloth;
import rondel.job.ElementId;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.SewnPart;
import rondel.job.StitchSettings;
import rondel.run.passes.ChangePass;
import rondel.run.passes.JoinPasses;
import rondel.run.passes.KeepMaterial;
import rondel.run.passes.MaterialsByColour;
import rondel.run.passes.MoveLines;
import rondel.run.passes.MovePass;
import rondel.run.passes.PutPassesBack;
import rondel.run.passes.RemoveMaterial;
import rondel.run.passes.SetMaterialRules;
import rondel.run.passes.SetSheetMaterial;
import rondel.run.passes.ShippedMaterials;
import rondel.run.passes.SplitPass;
import rondel.run.stitch.CentreInHoop;
import rondel.run.stitch.MatchThreads;
import rondel.run.stitch.OrderStitches;
import rondel.run.stitch.SetCloth;
import rondel.run.stitch.SetHoop;
import rondel.run.stitch.SetStitch;
import rondel.run.stitch.SewingThread;
import rondel.run.stitch.ShippedHoops;

/** The operations of the stage Run, each with an example on the sample job. */
final class RunOperations {

    private RunOperations() {}

    static List<OperationKind> kinds() {
        Material film = Material.of("Gold film", new Rgba(0xd4, 0xaf, 0x5a, 255), 0.08, 200, 90);
        PassKey cut = SampleRun.CUT;
        return List.of(
                OperationKind.of(new KeepMaterial(film)),
                OperationKind.of(new RemoveMaterial(SampleRun.FILM)),
                OperationKind.of(new SetMaterialRules(List.of(
                        new MaterialRule(
                                Optional.of(Role.CUT),
                                Optional.empty(),
                                Optional.of(new ElementId("edge")),
                                SampleRun.FILM),
                        MaterialRule.ofColour(OperationCatalogue.SEA_GREEN, "Vinyl")))),
                OperationKind.of(new SetSheetMaterial(OperationCatalogue.SHEET, Optional.of("Foil"))),
                OperationKind.of(new ChangePass(
                        OperationCatalogue.SHEET,
                        PassSettings.of(cut).withName("Rims").matching(true).withWeeding(PassSettings.Weeding.GROUPS))),
                OperationKind.of(new MovePass(OperationCatalogue.SHEET, cut, 1)),
                OperationKind.of(new JoinPasses(OperationCatalogue.SHEET, cut, SampleRun.OTHER)),
                OperationKind.of(new MoveLines(
                        OperationCatalogue.SHEET,
                        List.of(SampleRun.LINE),
                        PassKey.of(ShippedMaterials.FOIL.name(), Role.CUT))),
                OperationKind.of(new SplitPass(OperationCatalogue.SHEET, SampleRun.OTHER, List.of(SampleRun.LINE))),
                OperationKind.of(new PutPassesBack(OperationCatalogue.SHEET)),
                OperationKind.of(new MaterialsByColour(OperationCatalogue.SHEET, "Vinyl")),
                OperationKind.of(new SetStitch(
                        List.of(new ElementId("edge")),
                        Optional.of(StitchSettings.USUAL
                                .withKind(StitchSettings.Kind.FILL)
                                .withAngle(30)))),
                OperationKind.of(new SetHoop(OperationCatalogue.SHEET, Optional.of(ShippedHoops.ALL.getFirst()))),
                OperationKind.of(new CentreInHoop(OperationCatalogue.SHEET)),
                OperationKind.of(new SetCloth(OperationCatalogue.SHEET, Cloth.KNIT)),
                OperationKind.of(new OrderStitches(
                        OperationCatalogue.SHEET,
                        List.of(
                                new SewnPart(List.of(SampleRun.STITCHED), true),
                                new SewnPart(List.of(SampleRun.STITCHED), false)))),
                OperationKind.of(new MatchThreads(
                        List.of(SampleRun.STITCHED),
                        List.of(new SewingThread("Deep sea", new Rgba(0x1f, 0x5f, 0x5a, 255))))));
    }
}
