package rondel.lines.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.words.Words;

/** The pieces of a sheet as somebody uses them: by kiss cuts where there are any, for those are what is peeled off; else by the outermost cuts.
 *  Those in copies count too, and an outline of several contours makes as many pieces as lie apart. */
public final class UsedPieces {

    /** How much larger than a piece something may be, across and down, that is still printed for that piece alone, with its bleed; what is larger is
     *  a background of several. */
    private static final double OWN = 1.5;

    private final List<Element> tree;
    private final List<Part> parts;
    private final List<Element> leaves;
    private final List<Line> lines;
    private final Nesting nesting;

    /** One piece, in the space around all elements.
     *
     * @param name of the outermost group that holds it and nothing of another; else of the largest thing in it; empty where nothing has a name
     * @param outline its edge and its holes
     * @param elements its lines and what is printed for it alone, back to front */
    public record UsedPiece(String name, Outline outline, List<Element> elements) {
        public UsedPiece {
            elements = List.copyOf(elements);
        }

        public Box box() {
            return outline.bounds().orElseThrow();
        }
    }

    private UsedPieces(List<Element> elements) {
        tree = elements.stream().map(e -> opened(e, "")).toList();
        parts = parted(Leaves.of(tree));
        leaves = parts.stream().map(Part::element).toList();
        Role role = leaves.stream().anyMatch(e -> e.role() == Role.KISS_CUT) ? Role.KISS_CUT : Role.CUT;
        lines = Leaves.lines(leaves).stream()
                .map(l -> l.bounding(leaves.get(l.leaf()).role() == role))
                .toList();
        nesting = new Nesting(lines);
    }

    /** In the order of their outlines, back to front; what lies in none of them is left out. */
    public static List<UsedPiece> of(List<Element> elements) {
        return new UsedPieces(elements).all();
    }

    /** Copies as the groups that they look like, each with ids of its own, for it is each of them that makes pieces. */
    private static Element opened(Element e, String copy) {
        return switch (e) {
            case CopyElement c -> opened(c.asGroup(), copy + c.id() + "/");
            case GroupElement g -> {
                List<Element> children =
                        g.children().stream().map(x -> opened(x, copy)).toList();
                yield own(g.withChildren(children), copy);
            }
            default -> own(e, copy);
        };
    }

    private static Element own(Element e, String copy) {
        return copy.isEmpty() ? e : e.with(t -> t.withId(new ElementId(copy + t.id())));
    }

    /** An element, or one contour of a cut line that has several.
     *
     * @param of the number of the element that it is of */
    private record Part(Element element, int of) {}

    private static List<Part> parted(List<Element> all) {
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Element e = all.get(i);
            List<Contour> contours =
                    e instanceof ShapeElement s && e.role().isCut() ? Contour.of(s.outline()) : List.of();
            if (contours.size() < 2) {
                parts.add(new Part(e, i));
            } else {
                int of = i;
                contours.forEach(c -> parts.add(new Part(((ShapeElement) e).withOutline(c.outline()), of)));
            }
        }
        return parts;
    }

    /** The elements of some parts: contours of one line are one again, so that holes are holes. */
    private static List<Element> whole(List<Part> parts) {
        Map<Integer, Element> all = new LinkedHashMap<>();
        for (Part p : parts) {
            all.merge(p.of(), p.element(), (a, b) -> ((ShapeElement) a)
                    .withOutline(((ShapeElement) a).outline().plus(((ShapeElement) b).outline())));
        }
        return List.copyOf(all.values());
    }

    private List<UsedPiece> all() {
        int[] piece = new int[leaves.size()];
        java.util.Arrays.fill(piece, -1);
        Map<Integer, Outline> outlines = new TreeMap<>();
        for (int i = 0; i < lines.size(); i++) {
            int of = nesting.piece(i, false);
            if (of >= 0 && !isLarger(lines.get(i), lines.get(of))) {
                piece[lines.get(i).leaf()] = of;
                if (lines.get(i).bounds() && nesting.first(i) == i) {
                    outlines.merge(of, outline(lines.get(i)), Outline::plus);
                }
            }
        }
        Map<Integer, List<Part>> pieces = new HashMap<>();
        Map<ElementId, List<Integer>> owners = new HashMap<>();
        for (int i = 0; i < leaves.size(); i++) {
            if (piece[i] >= 0) {
                pieces.computeIfAbsent(piece[i], k -> new ArrayList<>()).add(parts.get(i));
            }
            owners.computeIfAbsent(leaves.get(i).id(), k -> new ArrayList<>()).add(piece[i]);
        }
        Map<Integer, String> names = new HashMap<>();
        tree.stream()
                .flatMap(GroupElement::everything)
                .filter(e -> !e.children().isEmpty() && !e.name().isBlank())
                .forEach(g -> owner(g, owners).ifPresent(p -> names.putIfAbsent(p, g.name())));
        return outlines.entrySet().stream()
                .map(o -> {
                    List<Element> own = whole(pieces.getOrDefault(o.getKey(), List.of()));
                    String name = Optional.ofNullable(names.get(o.getKey())).orElseGet(() -> largest(own));
                    return new UsedPiece(name, o.getValue(), own);
                })
                .toList();
    }

    private Outline outline(Line line) {
        ShapeElement shape = (ShapeElement) leaves.get(line.leaf());
        return Contour.of(shape.outline().transformed(shape.placement()))
                .get(line.contour())
                .outline();
    }

    private static boolean isLarger(Line line, Line piece) {
        return line.box().getWidth() > OWN * piece.box().getWidth()
                || line.box().getHeight() > OWN * piece.box().getHeight();
    }

    /** The one piece that all in a group belongs to. */
    private static Optional<Integer> owner(Element group, Map<ElementId, List<Integer>> owners) {
        List<Integer> all = GroupElement.everything(group)
                .map(e -> owners.get(e.id()))
                .filter(Objects::nonNull)
                .flatMap(List::stream)
                .filter(p -> p >= 0)
                .distinct()
                .limit(2)
                .toList();
        return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
    }

    /** What is printed goes before lines. */
    private static String largest(List<Element> elements) {
        return elements.stream()
                .filter(e -> !named(e).isBlank())
                .max(Comparator.<Element, Boolean>comparing(e -> e.role() == Role.PRINT)
                        .thenComparing(e -> Extent.of(e, Affine.IDENTITY)
                                .map(b -> b.width() * b.height())
                                .orElse(0.0)))
                .map(UsedPieces::named)
                .orElse("");
    }

    /** What a piece is called.
     *
     * @param name that it has, if any
     * @param number by which it is called else */
    public static String called(String name, int number) {
        return name.isBlank() ? Words.of("preview.piece", number) : name;
    }

    /** Text that nobody named is called by what it says. */
    public static String named(Element e) {
        return e.name().isBlank() && e instanceof TextElement t
                ? t.content().strip().lines().findFirst().orElse("")
                : e.name();
    }
}
