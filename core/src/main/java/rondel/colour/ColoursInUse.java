package rondel.colour;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import rondel.job.Element;
import rondel.job.Rgba;

/** The colours that elements are painted in, most used first. */
public final class ColoursInUse {

    private ColoursInUse() {}

    /** Without their see-through; pictures are not looked into. */
    public static List<Rgba> of(Stream<Element> elements) {
        Map<Rgba, Integer> counts = new LinkedHashMap<>();
        elements.forEach(e -> Repainting.each(e, c -> {
            if (c.alpha() > 0) {
                counts.merge(new Rgba(c.red(), c.green(), c.blue(), 255), 1, Integer::sum);
            }
            return c;
        }));
        return counts.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
    }
}
