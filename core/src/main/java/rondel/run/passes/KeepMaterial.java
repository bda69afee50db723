package rondel.run.passes;

import java.util.Optional;
import rondel.job.Job;
import rondel.job.Material;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts a material among those of the job; one of its name is replaced by it, and so is made everywhere by the new figures. */
public record KeepMaterial(Material material) implements Operation {
    @Override
    public Job apply(Job job) {
        if (job.run().material(material.name()).filter(material::equals).isPresent()) {
            throw Refusal.of("material.same", material.name());
        }
        return job.withRun(job.run().with(material));
    }

    /** Figures that are changed one after the other are one edit. */
    @Override
    public Optional<Operation> mergedWith(Operation next) {
        return next instanceof KeepMaterial k && k.material.name().equals(material.name())
                ? Optional.of(next)
                : Optional.empty();
    }

    @Override
    public String label() {
        return Words.of("operation.keepMaterial");
    }
}
