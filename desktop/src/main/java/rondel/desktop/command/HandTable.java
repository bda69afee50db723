package rondel.desktop.command;

import java.util.List;
import java.util.stream.Stream;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.TextElement;

/** What can be done with what is held just now, the likeliest first: the hand strip shows the first eight with a word each, and the rest
 *  behind “More”; the context menu is the same list. */
public final class HandTable {

    /** How many have a place on the strip. */
    public static final int SHOWN = 8;

    /** Rows of a menu on a thing: what a person reads at one glance down. */
    private static final int ROWS = 14;

    private HandTable() {}

    /** Ids of commands, each once. */
    public static List<String> of(List<Element> held) {
        if (held.isEmpty()) {
            return CommandTable.hand("nothing");
        }
        List<String> own = CommandTable.hand(held.size() > 1 ? "several" : kind(held.getFirst()));
        return Stream.concat(own.stream(), CommandTable.hand("any").stream())
                .distinct()
                .toList();
    }

    /** For an outline whose points are open. */
    public static List<String> ofPoints() {
        return CommandTable.hand("points");
    }

    /** For a thing on the shelf. */
    public static List<String> ofShelf() {
        return CommandTable.hand("thing");
    }

    /** The rows of a menu opened on a thing, or on its card: what goes with its kind, what goes with any, and the way to all else. */
    public static List<String> onThing(List<Element> held) {
        List<String> always = CommandTable.hand("always");
        Stream<String> rows =
                of(held).stream().filter(id -> !always.contains(id)).limit(ROWS - always.size());
        return Stream.concat(rows, always.stream()).toList();
    }

    private static String kind(Element e) {
        return switch (e) {
            case TextElement t -> "text";
            case PictureElement p -> "picture";
            case CopyElement c -> "copy";
            case GroupElement g when g.slot().isPresent() -> "window";
            case GroupElement g when g.isTryOut() -> "tryOut";
            case GroupElement g -> "group";
            default -> "shape";
        };
    }
}
