package rondel.cli;

import java.nio.file.Path;
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
        Job job = change.read();
        Editing editing = WhatFollows.editing();
        for (Operation operation : Recipe.read(recipe).operations()) {
            job = editing.apply(operation, job);
        }
        change.write(job);
        return 0;
    }
}
