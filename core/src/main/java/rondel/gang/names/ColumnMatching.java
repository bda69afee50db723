package rondel.gang.names;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.gang.copies.DesignContents;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.NameList.Blank;
import rondel.job.TextElement;
import rondel.operation.Targets;

/** Which column goes into which blank where nobody says so: that of the same name, or whose name is what the text says now; then, in their
 *  order, the columns and texts that are left over. */
public final class ColumnMatching {

    private static final Set<String> COUNT = Set.of("count", "copies", "quantity", "qty", "number");

    private ColumnMatching() {}

    /** A text or a window that can be filled in.
     *
     * @param says what the text says now; the name of a window */
    public record Place(ElementId element, String name, String says, boolean picture) {}

    /** The texts and windows of a template, from back to front; what is locked or hidden is none. */
    public static List<Place> places(Job job, Design template) {
        List<Place> all = new ArrayList<>();
        new DesignContents(job).of(template).group().children().forEach(e -> take(e, all));
        return all;
    }

    private static void take(Element e, List<Place> all) {
        if (e.hidden()) {
            return;
        }
        switch (e) {
            case TextElement t -> all.add(new Place(t.id(), Targets.display(t), t.content(), false));
            case GroupElement g
            when g.slot().isPresent() -> all.add(new Place(g.id(), Targets.display(g), Targets.display(g), true));
            default -> e.children().forEach(c -> take(c, all));
        }
    }

    public static List<Blank> of(List<String> columns, List<Place> places) {
        List<Blank> blanks = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        Set<ElementId> filled = new HashSet<>();
        for (Place p : places) {
            columns.stream()
                    .filter(c -> !taken.contains(c) && (same(c, p.name()) || same(c, p.says())))
                    .findFirst()
                    .ifPresent(c -> {
                        taken.add(c);
                        filled.add(p.element());
                        blanks.add(blank(c, p.element()));
                    });
        }
        for (Place p : places) {
            if (p.picture() || filled.contains(p.element())) {
                continue;
            }
            columns.stream()
                    .filter(c -> !taken.contains(c) && !isCount(c))
                    .findFirst()
                    .ifPresent(c -> {
                        taken.add(c);
                        blanks.add(blank(c, p.element()));
                    });
        }
        return blanks;
    }

    /** The column that says how many of each row are wanted, by its name. */
    public static Optional<String> count(List<String> columns) {
        return columns.stream().filter(ColumnMatching::isCount).findFirst();
    }

    private static boolean isCount(String column) {
        return COUNT.contains(plain(column));
    }

    private static Blank blank(String column, ElementId element) {
        return new Blank(column, element, OptionalDouble.empty(), Blank.USUAL_SMALLEST);
    }

    private static boolean same(String a, String b) {
        return plain(a).equals(plain(b));
    }

    private static String plain(String text) {
        return Normalizer.normalize(text.strip(), Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
    }
}
