package rondel.desktop.compose.colour;

import java.util.List;
import rondel.colour.Recolour;
import rondel.job.ElementId;
import rondel.job.Rgba;

/** Which colour a person wants in the place of which other.
 *
 * @param tolerance how far a colour may look from the first, in OKLab
 * @param everywhere in the whole job, not only in what is selected */
public record RecolourForm(Rgba from, Rgba to, double tolerance, boolean everywhere) {

    public Recolour operation(List<ElementId> selected) {
        return new Recolour(everywhere ? List.of() : selected, from, to, tolerance);
    }
}
