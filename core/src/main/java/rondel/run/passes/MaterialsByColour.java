package rondel.run.passes;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.Rgba;
import rondel.job.RunSettings;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes each colour of the lines of a sheet from a material of that colour: one load for each.
 *
 * @param like a material by its name, whose figures they all have */
public record MaterialsByColour(SheetId sheet, String like) implements Operation {

    @Override
    public Job apply(Job job) {
        Set<Rgba> colours = new LinkedHashSet<>();
        SheetLines.of(job.sheet(sheet)).forEach(l -> colours.add(l.colour()));
        if (colours.isEmpty()) {
            throw Refusal.of("pass.noLines");
        }
        Material figures = Passes.material(job, like);
        RunSettings run = job.run();
        List<MaterialRule> rules = new ArrayList<>();
        for (Rgba colour : colours) {
            String name = name(job, colour);
            run = run.with(figures.tinted(name, colour));
            rules.add(MaterialRule.ofColour(colour, name));
        }
        run.rules().stream()
                .filter(r -> r.colour().filter(colours::contains).isEmpty())
                .forEach(rules::add);
        return job.withRun(run.withRules(rules));
    }

    /** By what the palette calls the colour, or by its figures. */
    private String name(Job job, Rgba colour) {
        String called = job.palette().stream()
                .filter(s ->
                        s.colour().withAlpha(255).equals(colour) && !s.name().isBlank())
                .map(s -> s.name())
                .findFirst()
                .orElse(colour.hex());
        return Words.of("material.coloured", like, called);
    }

    @Override
    public String label() {
        return Words.of("operation.materialsByColour");
    }
}
