package rondel.job;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.words.Refusal;

/** Files that leave a job together.
 *
 * @param forSale whether what is made of them is to be sold: then nothing in the job may be for personal use only or not known, unless the person
 *     says that it is all right */
public record HandOffSet(String name, @LeftOut("false") boolean forSale, List<HandOffOutput> outputs) {

    /** @throws Refusal if it has no name or no output */
    public HandOffSet {
        name = name.strip();
        outputs = List.copyOf(outputs);
        if (name.isEmpty()) {
            throw Refusal.of("handoff.noName");
        }
        if (outputs.isEmpty()) {
            throw Refusal.of("handoff.nothing", name);
        }
    }
}
