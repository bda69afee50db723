package rondel.gang.names;

import java.util.List;
import java.util.Optional;
import rondel.fields.LeftOut;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.NameList;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts a list of names in the place of the one with its id: read again, edited, or filled in anew.
 *
 * @param pictures that its rows use */
public record ChangeNames(NameList list, @LeftOut("[]") List<Media> pictures) implements Operation {

    public ChangeNames {
        pictures = List.copyOf(pictures);
    }

    @Override
    public Job apply(Job job) {
        NameList before = job.list(list.id()).orElseThrow(() -> Refusal.of("names.noList", list.id()));
        if (before.equals(list)) {
            throw Refusal.of("names.same");
        }
        return job.withLists(job.lists().stream()
                        .map(l -> l.id().equals(list.id()) ? list : l)
                        .toList())
                .withMedia(pictures);
    }

    @Override
    public Optional<Operation> mergedWith(Operation next) {
        return Optional.empty();
    }

    @Override
    public String label() {
        return Words.of("operation.changeNames");
    }
}
