package rondel.desktop.model;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.colour.ColoursInUse;
import rondel.compose.link.Unlink;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.lines.check.EffectivePpi;

/** All that views say of a selection, worked out once for each, on any thread.
 *
 * @param surroundings nothing where nothing that takes room is selected
 * @param leastPpi the fewest pixels to the inch of pictures in it
 * @param alike how many others are kept alike with it, where it is just one
 * @param colours those in use in it */
public record SelectionFacts(
        List<Located> selected,
        Measurements measured,
        SelectedBoxes boxes,
        Optional<Surroundings> surroundings,
        OptionalDouble leastPpi,
        int alike,
        List<Rgba> colours) {

    public static final SelectionFacts NONE = new SelectionFacts(
            List.of(),
            Measurements.of(List.of()),
            SelectedBoxes.NONE,
            Optional.empty(),
            OptionalDouble.empty(),
            0,
            List.of());

    /** What they are worked out from: nothing of it ever changes. */
    public record Of(Job job, Sheet sheet, List<Element> level, Affine levelToSheet, Set<ElementId> selection) {

        public static Of bench(Bench bench) {
            return new Of(bench.job(), bench.sheet(), bench.level(), bench.levelToSheet(), bench.selection());
        }

        public SelectionFacts facts() {
            List<Located> selected =
                    selection.stream().flatMap(id -> job.find(id).stream()).toList();
            return new SelectionFacts(
                    selected,
                    Measurements.of(selected),
                    SelectedBoxes.of(selected),
                    Surroundings.of(selected, this),
                    leastPpi(selected, job.media()),
                    selected.size() == 1
                            ? Unlink.others(job, selected.getFirst().element())
                            : 0,
                    ColoursInUse.of(selected.stream().map(Located::element)));
        }
    }

    private static OptionalDouble leastPpi(List<Located> selected, Map<MediaId, Media> media) {
        return selected.stream()
                .map(l -> EffectivePpi.of(l.element(), l.toSheet(), media))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .min();
    }
}
