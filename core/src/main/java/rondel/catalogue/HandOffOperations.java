package rondel.catalogue;

import java.util.List;
import rondel.handoff.sets.KeepHandOffSet;
import rondel.handoff.sets.RemoveHandOffSet;
import rondel.job.HandOffOutput;
import rondel.job.HandOffSet;

/** The operations of the stage Hand off, each with an example on the sample job. */
final class HandOffOperations {

    static final HandOffSet SAMPLE = new HandOffSet(
            "For the market", true, List.of(HandOffOutput.of("{title}-{sheet}.svg", HandOffOutput.What.LINES)));

    private HandOffOperations() {}

    static List<OperationKind> kinds() {
        return List.of(
                OperationKind.of(new KeepHandOffSet(new HandOffSet(
                        "For the printer",
                        false,
                        List.of(
                                HandOffOutput.of("{title}.pdf", HandOffOutput.What.PRINT_READY),
                                HandOffOutput.of("{title}-{n}.png", HandOffOutput.What.ALL)
                                        .each(HandOffOutput.Each.ELEMENT)
                                        .wide(1200)
                                        .withoutPaper())))),
                OperationKind.of(new RemoveHandOffSet(SAMPLE.name())));
    }
}
