package rondel.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;

/** Where each element of a tree stands, by its id, so that an edit of many elements finds each in constant time: a table with linear probing (Knuth, The Art of
 *  Computer Programming 3, section 6.4, algorithm L) over plain arrays, as edits of tens of thousands of elements take as long as the memory that they touch.
 *  It knows ids and places and no elements: versions of a sheet whose ids stand alike have the same one. */
final class ElementIndex {

    private static final int NONE = -1;

    /** 2^32 divided by the golden ratio, which spreads hashes that follow each other (Knuth, section 6.4). */
    private static final int SPREAD = 0x9E3779B9;

    private int count;

    /** By the order of the tree. */
    private ElementId[] ids;

    /** Where each stands among its siblings. */
    private int[] positions;

    /** The group around each, by the order of the tree. */
    private int[] groups;

    /** Of each slot the hash of the id in it, and after it the element's place in the order of the tree: few ids are looked at that are not the wanted one. */
    private final int[] slots;

    private final int shift;

    private ElementIndex(List<Element> elements) {
        ids = new ElementId[elements.size()];
        positions = new int[elements.size()];
        groups = new int[elements.size()];
        add(elements, NONE);
        int bits = Integer.SIZE - Integer.numberOfLeadingZeros(2 * count + 1);
        slots = new int[2 << bits];
        shift = Integer.SIZE - bits;
        Arrays.fill(slots, NONE);
        for (int i = 0; i < count; i++) {
            int hash = ids[i].hashCode();
            int slot = slot(ids[i], hash);
            if (slots[slot + 1] == NONE) {
                slots[slot] = hash;
                slots[slot + 1] = i;
            }
        }
    }

    /** The index of a tree; where several have the same id, of the backmost. */
    static ElementIndex of(List<Element> elements) {
        return new ElementIndex(elements);
    }

    /** Whether the same ids stand in the same places of two trees, so that one index is that of both. */
    static boolean alike(List<Element> some, List<Element> others) {
        if (some == others) {
            return true;
        }
        if (some.size() != others.size()) {
            return false;
        }
        for (int i = 0; i < some.size(); i++) {
            Element a = some.get(i);
            Element b = others.get(i);
            if (a != b && !(same(a.id(), b.id()) && alike(a.children(), b.children()))) {
                return false;
            }
        }
        return true;
    }

    private void add(List<Element> elements, int group) {
        for (int i = 0; i < elements.size(); i++) {
            if (count == ids.length) {
                int more = count + count / 2 + 16;
                ids = Arrays.copyOf(ids, more);
                positions = Arrays.copyOf(positions, more);
                groups = Arrays.copyOf(groups, more);
            }
            Element e = elements.get(i);
            ids[count] = e.id();
            positions[count] = i;
            groups[count] = group;
            count++;
            if (e instanceof GroupElement g) {
                add(g.children(), count - 1);
            }
        }
    }

    /** The slot of an id, or the free one where it would be. */
    private int slot(ElementId id, int hash) {
        int slot = 2 * (hash * SPREAD >>> shift);
        while (slots[slot + 1] != NONE && !(slots[slot] == hash && same(ids[slots[slot + 1]], id))) {
            slot = slot + 2 & slots.length - 1;
        }
        return slot;
    }

    private static boolean same(ElementId a, ElementId b) {
        return a == b || a.equals(b);
    }

    /** The element with an id on a sheet whose index this is. */
    Optional<Located> find(ElementId id, Sheet sheet) {
        int at = slots[slot(id, id.hashCode()) + 1];
        if (at == NONE) {
            return Optional.empty();
        }
        if (groups[at] == NONE) {
            return Optional.of(new Located(sheet, List.of(), sheet.elements().get(positions[at]), Affine.IDENTITY));
        }
        List<GroupElement> ancestors = groupsAround(at, sheet);
        Affine toSheet = Affine.IDENTITY;
        for (GroupElement g : ancestors) {
            toSheet = toSheet.times(g.placement());
        }
        Element element = ancestors.getLast().children().get(positions[at]);
        return Optional.of(new Located(sheet, Collections.unmodifiableList(ancestors), element, toSheet));
    }

    /** Outermost first. */
    private List<GroupElement> groupsAround(int element, Sheet sheet) {
        List<Integer> path = new ArrayList<>();
        for (int g = groups[element]; g != NONE; g = groups[g]) {
            path.add(positions[g]);
        }
        List<GroupElement> found = new ArrayList<>(path.size());
        List<Element> siblings = sheet.elements();
        for (int position : path.reversed()) {
            GroupElement group = (GroupElement) siblings.get(position);
            found.add(group);
            siblings = group.children();
        }
        return found;
    }
}
