package rondel.run.passes;

import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Takes a material off the job; what was made of it is made by the figures that ship, or by usual ones.
 *
 * @param name of a material of the job's own */
public record RemoveMaterial(String name) implements Operation {
    @Override
    public Job apply(Job job) {
        if (job.run().material(name).isEmpty()) {
            throw Refusal.of("material.none", name);
        }
        return job.withRun(job.run()
                .withMaterials(job.run().materials().stream()
                        .filter(m -> !m.name().equals(name))
                        .toList()));
    }

    @Override
    public String label() {
        return Words.of("operation.removeMaterial");
    }
}
