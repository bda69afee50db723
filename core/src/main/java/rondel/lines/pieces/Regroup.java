package rondel.lines.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Placing;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.units.LengthFormat;
import rondel.words.Refusal;
import rondel.words.Words;

/** Groups elements anew, however they were grouped: one group for each piece, colour, role or outline. Lines whose ends clearly meet are joined to outlines first. A shape of several
 *  contours is parted where they belong to different groups. Groups are named by what they are, largest first, and lines
 *  that lie in no piece stay beside them.
 *
 * @param elements that stand in one group or on one sheet; everything unlocked on every sheet where none is named */
public record Regroup(@LeftOut("[]") List<ElementId> elements, Grouping by) implements Operation {

    public Regroup {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Placing placing = new Placing(job);
        Job done = job;
        if (elements.isEmpty()) {
            for (Sheet sheet : job.sheets()) {
                Set<ElementId> open = new HashSet<>();
                sheet.elements().stream().filter(e -> !e.locked()).forEach(e -> open.add(e.id()));
                done = open.isEmpty() ? done : regrouped(done, open, placing);
            }
        } else {
            Set<ElementId> ids = Targets.unlocked(job, elements);
            List<Element> siblings = job.located(elements.getFirst()).siblings();
            if (siblings.stream().filter(e -> ids.contains(e.id())).count() != ids.size()) {
                throw Refusal.of("group.notSiblings");
            }
            done = regrouped(done, ids, placing);
        }
        if (done == job) {
            throw Refusal.of("operation.nothingNamed");
        }
        return done.withNextNumber(placing.next());
    }

    private Job regrouped(Job job, Set<ElementId> ids, Placing placing) {
        return Tree.siblings(job, ids, siblings -> {
            List<Element> chosen =
                    siblings.stream().filter(e -> ids.contains(e.id())).toList();
            List<Element> made = groups(Leaves.of(chosen), job, placing);
            List<Element> all = new ArrayList<>();
            for (Element e : siblings) {
                if (e == chosen.getFirst()) {
                    all.addAll(made);
                } else if (!ids.contains(e.id())) {
                    all.add(e);
                }
            }
            return all;
        });
    }

    /** The parts of leaves by the key of the group they come to; those of no group under a key of their own. */
    private List<Element> groups(List<Element> leaves, Job job, Placing placing) {
        Map<Object, List<Element>> groups = new LinkedHashMap<>();
        List<Element> loose = new ArrayList<>();
        switch (by) {
            case COLOUR -> leaves.forEach(l -> put(groups, colour(l), l));
            case ROLE -> leaves.forEach(l -> put(groups, l.role(), l));
            default -> byLine(leaves, groups, loose, placing);
        }
        List<Map.Entry<Object, List<Element>>> named = new ArrayList<>(groups.entrySet());
        if (by != Grouping.COLOUR && by != Grouping.ROLE) {
            named.sort(Comparator.comparing(e -> box(e.getValue()), LARGEST_THEN_READING));
        }
        List<Element> made = new ArrayList<>(loose);
        for (int i = named.size() - 1; i >= 0; i--) {
            List<Element> parts = named.get(i).getValue();
            String name = name(named.get(i).getKey(), parts, i + 1, job);
            made.add(GroupElement.of(Traits.named(name).withId(placing.freshId()), parts));
        }
        return made;
    }

    private static final Comparator<Box> LARGEST_THEN_READING = Comparator.comparingDouble(
                    (Box b) -> -Math.rint(b.width() * b.height() * 100))
            .thenComparingDouble(b -> Math.rint(b.y()))
            .thenComparingDouble(Box::x);

    private void byLine(List<Element> apart, Map<Object, List<Element>> groups, List<Element> loose, Placing placing) {
        List<Element> leaves = Leaves.joined(apart);
        List<Line> lines = Leaves.lines(leaves);
        Nesting nesting = new Nesting(lines);
        Map<Integer, Map<Integer, List<Integer>>> ofLeaf = new LinkedHashMap<>();
        for (int i = 0; i < lines.size(); i++) {
            int key = by == Grouping.OUTLINE
                    ? lines.get(i).bounds() ? nesting.first(i) : nesting.around(i)
                    : nesting.piece(i, by == Grouping.PIECE_AND_HOLE);
            ofLeaf.computeIfAbsent(lines.get(i).leaf(), l -> new LinkedHashMap<>())
                    .computeIfAbsent(key, k -> new ArrayList<>())
                    .add(lines.get(i).contour());
        }
        for (int leaf = 0; leaf < leaves.size(); leaf++) {
            Map<Integer, List<Integer>> keys = ofLeaf.getOrDefault(leaf, Map.of(-1, List.of()));
            for (Map.Entry<Integer, List<Integer>> e : keys.entrySet()) {
                Element part = keys.size() == 1
                        ? leaves.get(leaf)
                        : part((ShapeElement) leaves.get(leaf), e.getValue(), placing);
                if (e.getKey() < 0) {
                    loose.add(part);
                } else {
                    put(groups, e.getKey(), part);
                }
            }
        }
    }

    /** Some contours of a shape as a shape. */
    private static Element part(ShapeElement shape, List<Integer> contours, Placing placing) {
        List<Contour> all = Contour.of(shape.outline());
        return new ShapeElement(
                shape.traits().withId(placing.freshId()),
                Contour.outline(contours.stream().map(all::get).toList()),
                shape.rule(),
                shape.fill(),
                shape.stroke());
    }

    private static void put(Map<Object, List<Element>> groups, Object key, Element e) {
        groups.computeIfAbsent(key, k -> new ArrayList<>()).add(e);
    }

    private static Object colour(Element e) {
        return switch (e) {
            case ShapeElement s ->
                s.fill().visible() ? s.fill() : s.stroke().map(k -> k.paint()).orElse(Paint.NONE);
            case TextElement t -> t.fill();
            default -> Paint.NONE;
        };
    }

    private static Box box(List<Element> parts) {
        return Box.around(parts.stream()
                        .flatMap(p -> Extent.of(p, Affine.IDENTITY).stream())
                        .toList())
                .orElse(new Box(0, 0, 0, 0));
    }

    private String name(Object key, List<Element> parts, int number, Job job) {
        Box box = box(parts);
        return switch (by) {
            case ROLE -> Words.of("role." + key);
            case COLOUR -> key instanceof Paint.Solid s ? s.colour().hex() : Words.of("regroup.otherColour");
            default ->
                Words.of(
                        "regroup.piece",
                        number,
                        LengthFormat.number(box.width(), job.unit()),
                        LengthFormat.withUnit(box.height(), job.unit()));
        };
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        List<ElementId> fresh = Targets.addedGroups(before, after);
        Set<ElementId> outermost = Tree.outermost(after, fresh);
        return fresh.stream().filter(outermost::contains).toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("regroup." + by);
    }
}
