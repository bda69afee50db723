package rondel.compose.arrange;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Targets;

/** Changes the order of siblings; the order of the moved ones among themselves stays. */
final class Stacking {

    private Stacking() {}

    static Job toFront(Job job, Collection<ElementId> elements) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.siblings(job, ids, list -> parted(list, ids, false));
    }

    static Job toBack(Job job, Collection<ElementId> elements) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.siblings(job, ids, list -> parted(list, ids, true));
    }

    static Job restack(Job job, Collection<ElementId> elements, int behind) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.siblings(job, ids, list -> {
            List<Element> moving =
                    list.stream().filter(e -> ids.contains(e.id())).toList();
            List<Element> result = new ArrayList<>(
                    list.stream().filter(e -> !ids.contains(e.id())).toList());
            result.addAll(Math.clamp(behind, 0, result.size()), moving);
            return result;
        });
    }

    static Job raise(Job job, Collection<ElementId> elements) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.siblings(job, ids, list -> {
            List<Element> result = new ArrayList<>(list);
            for (int i = result.size() - 2; i >= 0; i--) {
                swapOver(result, i, i + 1, ids);
            }
            return result;
        });
    }

    static Job lower(Job job, Collection<ElementId> elements) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.siblings(job, ids, list -> {
            List<Element> result = new ArrayList<>(list);
            for (int i = 1; i < result.size(); i++) {
                swapOver(result, i, i - 1, ids);
            }
            return result;
        });
    }

    private static void swapOver(List<Element> list, int moving, int over, Set<ElementId> ids) {
        if (ids.contains(list.get(moving).id()) && !ids.contains(list.get(over).id())) {
            Collections.swap(list, moving, over);
        }
    }

    private static List<Element> parted(List<Element> list, Set<ElementId> ids, boolean chosenFirst) {
        List<Element> result = new ArrayList<>(list.size());
        list.stream().filter(e -> ids.contains(e.id()) == chosenFirst).forEach(result::add);
        list.stream().filter(e -> ids.contains(e.id()) != chosenFirst).forEach(result::add);
        return result;
    }
}
