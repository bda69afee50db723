package rondel.run.stitch;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Moves all that is stitched on a sheet so that it lies in the middle of its hoop; what stands with it in a group goes along. */
public record CentreInHoop(SheetId sheet) implements Operation {

    @Override
    public Job apply(Job job) {
        Sheet on = job.sheet(sheet);
        List<Element> sewn = on.elements().stream()
                .filter(e -> !e.hidden() && Tree.any(e, c -> c.role() == Role.STITCH))
                .toList();
        Set<ElementId> ids =
                Targets.unlocked(job, sewn.stream().map(Element::id).collect(Collectors.toSet()));
        Optional<Box> box = Box.around(sewn.stream()
                .map(e -> Extent.of(e, Affine.IDENTITY))
                .flatMap(Optional::stream)
                .toList());
        if (box.isEmpty()) {
            throw Refusal.of("stitch.nothing");
        }
        Affine move = Affine.translate(
                on.width() / 2 - box.get().centre().x(),
                on.height() / 2 - box.get().centre().y());
        return Tree.replace(job, ids, (e, toSheet) -> e.with(t -> t.withPlacement(move.times(t.placement()))));
    }

    @Override
    public String label() {
        return Words.of("operation.centreInHoop");
    }
}
