package rondel.formats.export;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.lines.pieces.UsedPieces;
import rondel.paint.PaintedExtent;
import rondel.words.Words;

/** Elements in other groups than those of the job, for a file that is sorted by colour; what is seen stays as it is: an element joins an earlier
 *  group only over what it does not touch. */
final class GroupedElements {

    private GroupedElements() {}

    /** A group being filled. */
    private record Layer(String name, List<Element> elements, List<Box> boxes) {
        boolean touches(Box box) {
            return boxes.stream().anyMatch(box::intersects);
        }
    }

    /** One group a colour, in the order in which colours come, back to front; pictures and what has several colours are a group of their own. */
    static List<Element> byColour(List<Element> elements) {
        return grouped(elements, GroupedElements::colour);
    }

    /** One group a piece, with its lines and all that lies in them; what lies in none is a group of its own. */
    static List<Element> byPiece(List<Element> elements) {
        List<Element> groups = new ArrayList<>();
        Set<ElementId> taken = new HashSet<>();
        List<UsedPieces.UsedPiece> pieces = UsedPieces.of(elements);
        for (UsedPieces.UsedPiece piece : pieces) {
            String name = UsedPieces.called(piece.name(), groups.size() + 1);
            groups.add(GroupElement.of(Traits.named(name), piece.elements()));
            piece.elements().forEach(e -> taken.add(e.id()));
        }
        List<Element> rest = leaves(elements).stream()
                .filter(e -> GroupElement.everything(e).noneMatch(x -> isTaken(x, taken)))
                .toList();
        List<Element> all = new ArrayList<>();
        if (!rest.isEmpty()) {
            // Behind the pieces: what is in none of them is the background of several, or stands apart.
            all.add(GroupElement.of(Traits.named(Words.of("export.noPiece")), rest));
        }
        all.addAll(groups);
        return all;
    }

    private static boolean isTaken(Element e, Set<ElementId> taken) {
        return taken.contains(e.id())
                || e instanceof CopyElement
                        && taken.stream().anyMatch(t -> t.value().startsWith(e.id() + "/"));
    }

    /** The elements without pictures; groups that held nothing else go too. */
    static List<Element> withoutPictures(List<Element> elements) {
        return elements.stream()
                .filter(e -> !(e instanceof PictureElement))
                .flatMap(e -> {
                    if (!(e instanceof GroupElement g)) {
                        return Stream.of(e);
                    }
                    List<Element> kept = withoutPictures(g.children());
                    return kept.isEmpty() ? Stream.empty() : Stream.of(g.withChildren(kept));
                })
                .toList();
    }

    private static List<Element> grouped(List<Element> elements, Function<Element, String> key) {
        List<Layer> layers = new ArrayList<>();
        for (Element e : leaves(elements)) {
            Optional<Box> box = PaintedExtent.of(e, Affine.IDENTITY);
            if (box.isEmpty()) {
                continue;
            }
            String name = key.apply(e);
            int at = layers.size() - 1;
            while (at >= 0 && !layers.get(at).name().equals(name)) {
                if (layers.get(at).touches(box.get())) {
                    at = -1;
                } else {
                    at--;
                }
            }
            if (at < 0) {
                layers.add(new Layer(name, new ArrayList<>(), new ArrayList<>()));
                at = layers.size() - 1;
            }
            layers.get(at).elements().add(e);
            layers.get(at).boxes().add(box.get());
        }
        return layers.stream()
                .map(l -> (Element) GroupElement.of(Traits.named(l.name()), l.elements()))
                .toList();
    }

    /** What stands at the ends of the tree; groups that hide or fade what they hold stay whole. */
    private static List<Element> leaves(List<Element> elements) {
        List<Element> all = new ArrayList<>();
        elements.forEach(e -> take(e, Affine.IDENTITY, all));
        return all;
    }

    private static void take(Element e, Affine around, List<Element> all) {
        boolean opens = e instanceof GroupElement g
                && !g.veiled()
                && g.opacity() == 1
                && !g.hidden()
                && g.traits().shadow().isEmpty();
        if (opens) {
            Affine own = around.times(e.placement());
            e.children().forEach(c -> take(c, own, all));
        } else {
            all.add(e.with(t -> t.placedBy(around)));
        }
    }

    private static String colour(Element e) {
        return switch (e) {
            case ShapeElement s -> colour(s.fill(), s.stroke());
            case TextElement t -> colour(t.fill(), t.stroke());
            case PictureElement p -> "pictures";
            default -> "several";
        };
    }

    private static String colour(Paint fill, Optional<Stroke> stroke) {
        Optional<Rgba> filled = solid(fill);
        if (fill.visible() && filled.isEmpty()) {
            return "several";
        }
        Optional<Stroke> seen = stroke.filter(Stroke::visible);
        if (seen.isEmpty()) {
            return filled.map(c -> c.withAlpha(255).hex()).orElse("several");
        }
        Optional<Rgba> drawn = solid(seen.get().paint());
        if (drawn.isEmpty() || fill.visible() && !filled.equals(drawn)) {
            return "several";
        }
        return drawn.get().withAlpha(255).hex();
    }

    private static Optional<Rgba> solid(Paint paint) {
        return paint instanceof Paint.Solid s && paint.visible() ? Optional.of(s.colour()) : Optional.empty();
    }
}
