package rondel.catalogue;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.PassKey;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RunSettings;
import rondel.run.passes.ShippedMaterials;

/** How the sample job is made: its passes, one of which has a name, and a film of its own. */
final class SampleRun {

    static final String FILM = "Green film";
    static final PassKey CUT = PassKey.of(ShippedMaterials.KISS_CUT_SHEET.name(), Role.CUT);
    static final PassKey OTHER = PassKey.of(ShippedMaterials.KISS_CUT_SHEET.name(), Role.KISS_CUT);
    static final ElementId LINE = new ElementId("rim");
    static final ElementId STITCHED = new ElementId("badge");

    private SampleRun() {}

    static Job into(Job job) {
        return job.withHandOff(List.of(HandOffOperations.SAMPLE))
                .withRun(RunSettings.NONE
                        .with(Material.of(FILM, new Rgba(0x2f, 0x8a, 0x5b, 255), 0.08, 200, 90))
                        .with(OperationCatalogue.SHEET, s -> s.with(CUT, p -> p.withName("Outlines"))));
    }
}
