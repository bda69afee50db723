package rondel.compose.licence;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Provenance;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Says where elements come from and what may be done with them; nothing said takes it away. */
public record SetProvenance(List<ElementId> elements, Optional<Provenance> provenance) implements Operation {

    public SetProvenance {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(
                job, Targets.existing(job, elements), (e, toSheet) -> e.with(t -> t.withProvenance(provenance)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.setProvenance");
    }
}
