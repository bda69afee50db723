package rondel.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.recipe.Recipe;

/** Applies a recipe to a job. */
@Command(name = "apply", mixinStandardHelpOptions = true)
final class ApplyCommand implements Callable<Integer> {

    @Mixin
    private JobChange change;

    @Parameters(index = "1", paramLabel = "RECIPE.json")
    private Path recipe;

    @Override
    public Integer call() {
        Recipe read = Recipe.read(recipe);
        change.make(List.of(recipe), job -> read.apply(UsualEditing.editing(), job));
        return 0;
    }
}
