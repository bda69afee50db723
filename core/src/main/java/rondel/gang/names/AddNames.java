package rondel.gang.names;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.fields.LeftOut;
import rondel.gang.copies.DesignContents;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.NameList;
import rondel.job.NameListId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts a list of names into the job, filled in.
 *
 * @param list its id is given by the job where it has none
 * @param pictures that its rows use */
public record AddNames(NameList list, @LeftOut("[]") List<Media> pictures) implements Operation {

    public AddNames {
        pictures = List.copyOf(pictures);
    }

    @Override
    public Job apply(Job job) {
        NameList added = added(job);
        if (!DesignContents.isThere(job, added.template())) {
            throw Refusal.of("plan.noDesign", DesignContents.name(job, added.template()));
        }
        if (job.list(added.id()).isPresent()) {
            throw Refusal.of("names.twice", added.id());
        }
        List<NameList> all = new ArrayList<>(job.lists());
        all.add(added);
        return job.withLists(all).withMedia(pictures).withNextNumber(job.nextNumber() + 1);
    }

    /** The list as the job will have it. */
    public NameList added(Job job) {
        if (!list.id().value().isBlank()) {
            return list;
        }
        for (long number = job.nextNumber(); ; number++) {
            NameListId id = new NameListId("list-" + number);
            if (job.list(id).isEmpty()) {
                return list.withId(id);
            }
        }
    }

    @Override
    public Optional<Operation> mergedWith(Operation next) {
        return Optional.empty();
    }

    @Override
    public String label() {
        return Words.of("operation.addNames");
    }
}
