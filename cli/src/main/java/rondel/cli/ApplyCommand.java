package rondel.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;
import rondel.catalogue.WhatFollows;
import rondel.formats.recipe.Recipe;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.operation.Operation;

/** Applies a recipe to a job. */
@Command(name = "apply", mixinStandardHelpOptions = true, description = "Applies the operations of a recipe, in order.")
final class ApplyCommand implements Callable<Integer> {

    @Mixin
    private JobChange change;

    @Parameters(index = "1", paramLabel = "RECIPE.json", description = "a list of operations")
    private Path recipe;

    @Override
    public Integer call() {
        List<Operation> operations = Recipe.read(recipe).operations();
        Editing editing = WhatFollows.editing();
        change.make(List.of(recipe), before -> {
            Job job = before;
            for (Operation operation : operations) {
                job = editing.apply(operation, job);
            }
            return job;
        });
        return 0;
    }
}
