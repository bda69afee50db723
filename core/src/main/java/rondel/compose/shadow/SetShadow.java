package rondel.compose.shadow;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Shadow;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Gives each element the same soft shadow, or takes it away. */
public record SetShadow(List<ElementId> elements, Optional<Shadow> shadow) implements Operation {

    /** The widest shadow, in mm: beyond it nobody would call it one. */
    public static final double WIDEST = 200;

    public SetShadow {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        shadow.ifPresent(s -> {
            boolean sound = s.distance() >= 0
                    && s.softness() >= 0
                    && s.distance() <= WIDEST
                    && s.softness() <= WIDEST
                    && Double.isFinite(s.angle());
            if (!sound) {
                throw Refusal.of("shadow.outOfRange", WIDEST);
            }
        });
        return Tree.replace(job, Targets.unlocked(job, elements), (e, toSheet) -> e.with(t -> t.withShadow(shadow)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of(shadow.isPresent() ? "operation.shadow" : "operation.noShadow");
    }
}
