package rondel.desktop.lines;

import java.util.List;
import rondel.desktop.model.Bench;
import rondel.job.ElementId;
import rondel.job.GroupElement;

/** Goes to an element, wherever it is: its sheet is shown, the groups around it are opened, and it is selected. */
final class ElementReveal {

    private ElementReveal() {}

    static void to(Bench bench, ElementId id) {
        bench.job().find(id).ifPresent(at -> {
            bench.show(at.sheet().id());
            for (GroupElement g : at.ancestors()) {
                bench.stepInto(g.id());
            }
            bench.select(List.of(id));
        });
    }
}
