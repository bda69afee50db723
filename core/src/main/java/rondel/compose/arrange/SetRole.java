package rondel.compose.arrange;

import java.util.List;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Says how elements, and everything in them, are made. */
public record SetRole(List<ElementId> elements, Role role) implements Operation {

    public SetRole {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(job, Targets.unlocked(job, elements), (e, toSheet) -> withRole(e));
    }

    private Element withRole(Element e) {
        Element own = e.with(t -> t.withRole(role));
        return own instanceof GroupElement g
                ? g.withChildren(g.children().stream().map(this::withRole).toList())
                : own;
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.role");
    }
}
