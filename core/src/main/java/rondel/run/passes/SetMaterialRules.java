package rondel.run.passes;

import java.util.List;
import rondel.job.Job;
import rondel.job.MaterialRule;
import rondel.operation.Operation;
import rondel.words.Words;

/** Says which lines are made of which material. The first rule that fits a line holds.
 *
 * @param rules all of them: those that there were are replaced */
public record SetMaterialRules(List<MaterialRule> rules) implements Operation {

    public SetMaterialRules {
        rules = List.copyOf(rules);
    }

    @Override
    public Job apply(Job job) {
        rules.forEach(r -> r.group().ifPresent(job::located));
        return job.withRun(job.run().withRules(rules));
    }

    @Override
    public String label() {
        return Words.of("operation.materialRules");
    }
}
