package rondel.colour;

import java.util.List;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Swatch;
import rondel.operation.Operation;
import rondel.words.Words;

/** Keeps colours as the job's own palette, in place of those it had; named by themselves.
 *
 * @param colours in the order they are shown */
public record SetPalette(List<Rgba> colours) implements Operation {

    public SetPalette {
        colours = List.copyOf(colours);
    }

    @Override
    public Job apply(Job job) {
        return job.withPalette(
                colours.stream().distinct().map(c -> new Swatch(name(c), c)).toList());
    }

    private static String name(Rgba c) {
        return String.format("#%02x%02x%02x", c.red(), c.green(), c.blue());
    }

    @Override
    public String label() {
        return Words.of("operation.palette");
    }
}
