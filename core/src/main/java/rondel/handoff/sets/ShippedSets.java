package rondel.handoff.sets;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import rondel.job.HandOffOutput;
import rondel.job.HandOffOutput.Each;
import rondel.job.HandOffOutput.What;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.words.Refusal;

/** Sets by what they are for; a job has its own beside them. */
public final class ShippedSets {

    /** The name of the set that is published in shops. */
    public static final String SHOP_LISTING = "Shop listing";

    /** What shops show pictures at. */
    private static final int LISTING = 2000;

    public static final List<HandOffSet> ALL = List.of(
            new HandOffSet(
                    "Cutting machine",
                    false,
                    List.of(
                            HandOffOutput.of("{title}-{sheet}-cut.svg", What.LINES),
                            HandOffOutput.of("{title}-{sheet}-cut.dxf", What.LINES))),
            new HandOffSet("Printing at home", false, List.of(HandOffOutput.of("{title}-print.pdf", What.PRINT))),
            new HandOffSet(
                    "Print shop",
                    false,
                    List.of(
                            HandOffOutput.of("{title}-print-ready.pdf", What.PRINT_READY),
                            HandOffOutput.of("{title}-proof.pdf", What.PROOF))),
            new HandOffSet(
                    SHOP_LISTING,
                    true,
                    List.of(
                            HandOffOutput.of("{title}-{sheet}-picture.jpg", What.ON_SURFACE)
                                    .wide(LISTING),
                            HandOffOutput.of("{title}-{sheet}-pieces.jpg", What.NAMED_PIECES)
                                    .wide(LISTING),
                            HandOffOutput.of("{title}-{sheet}-close-up.jpg", What.CLOSE_UP)
                                    .wide(LISTING),
                            HandOffOutput.of("{title}-{sheet}-size.jpg", What.SIZE_CARD)
                                    .wide(LISTING),
                            HandOffOutput.of("{title}-{n}-{name}.png", What.PRINT)
                                    .each(Each.PIECE)
                                    .withoutPaper(),
                            HandOffOutput.of("{title}-{sheet}.svg", What.ALL),
                            HandOffOutput.of("{title}.pdf", What.PRINT),
                            HandOffOutput.of("{title}-contents.pdf", What.LEDGER),
                            HandOffOutput.of("{title}-contents.csv", What.LEDGER))),
            new HandOffSet(
                    "A friend with scissors", false, List.of(HandOffOutput.of("{title}-to-cut-out.pdf", What.PROOF))));

    private ShippedSets() {}

    /** A set by its name, in whatever case: the job's own, else one that ships.
     *
     * @throws Refusal if there is none */
    public static HandOffSet named(Job job, String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        return Stream.concat(job.handOff().stream(), ALL.stream())
                .filter(s -> s.name().toLowerCase(Locale.ROOT).equals(wanted))
                .findFirst()
                .orElseThrow(() -> Refusal.of("handoff.none", name));
    }
}
