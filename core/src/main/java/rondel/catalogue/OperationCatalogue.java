package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.job.ElementId;
import rondel.job.Media;
import rondel.job.Rgba;
import rondel.job.SheetId;

/** Every operation there is. A new one is added to the list of its stage and nowhere else: recipes, the journal and the list that the
 *  command line prints all read from here. */
public final class OperationCatalogue {

    static final SheetId SHEET = new SheetId("sheet-1");
    static final SheetId SPARE = new SheetId("spare");
    static final Rgba SEA_GREEN = new Rgba(0x1f, 0x6f, 0x6b, 255);
    static final List<ElementId> LEAF = List.of(new ElementId("leaf"));
    static final List<ElementId> STEM = List.of(new ElementId("stem"));
    static final List<ElementId> CLUSTER = List.of(new ElementId("cluster"));

    static final List<ElementId> THREE =
            List.of(new ElementId("leaf"), new ElementId("stem"), new ElementId("cluster"));

    static final List<ElementId> TWINS = List.of(new ElementId("twin-1"));
    static final List<ElementId> TRY_OUT = List.of(new ElementId("try-out"));
    static final List<ElementId> SLOT = List.of(new ElementId("window"));
    static final Media PICTURE = ExamplePicture.media();

    private OperationCatalogue() {}

    /** All of them, stage by stage. A new stage adds its own list. */
    public static List<OperationKind> kinds() {
        return Stream.of(
                        ComposeOperations.kinds(),
                        LinesOperations.kinds(),
                        GangOperations.kinds(),
                        RunOperations.kinds(),
                        HandOffOperations.kinds(),
                        SheetOperations.kinds())
                .flatMap(List::stream)
                .toList();
    }

    public static Optional<OperationKind> named(String name) {
        return kinds().stream().filter(k -> k.name().equals(name)).findFirst();
    }
}
