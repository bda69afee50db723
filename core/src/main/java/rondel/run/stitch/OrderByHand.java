package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import rondel.job.SewnPart;

/** Parts as a hand has put them: those that it named in its order, each other one behind what it would come after anyway. */
final class OrderByHand {

    private OrderByHand() {}

    /** @param usual in the order that was worked out */
    static List<StitchBlock> of(List<StitchBlock> usual, List<SewnPart> order) {
        if (order.isEmpty()) {
            return usual;
        }
        List<StitchBlock> all = new ArrayList<>();
        for (SewnPart part : order) {
            usual.stream().filter(b -> b.part().equals(part)).forEach(all::add);
        }
        for (int i = 0; i < usual.size(); i++) {
            if (!all.contains(usual.get(i))) {
                all.add(i == 0 ? 0 : all.indexOf(usual.get(i - 1)) + 1, usual.get(i));
            }
        }
        return all;
    }
}
