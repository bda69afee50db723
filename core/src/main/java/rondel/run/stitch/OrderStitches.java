package rondel.run.stitch;

import java.util.List;
import rondel.job.Job;
import rondel.job.SewnPart;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Words;

/** Puts what is sewn of a sheet into an order by hand.
 *
 * @param order the parts in the order in which they are sewn; the order is worked out again where it is empty */
public record OrderStitches(SheetId sheet, List<SewnPart> order) implements Operation {

    public OrderStitches {
        order = List.copyOf(order);
    }

    @Override
    public Job apply(Job job) {
        job.sheet(sheet);
        return job.withRun(job.run().with(sheet, s -> s.withSewing(w -> w.withOrder(order))));
    }

    @Override
    public String label() {
        return Words.of("operation.orderStitches");
    }
}
