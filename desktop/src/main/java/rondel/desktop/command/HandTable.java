package rondel.desktop.command;

import java.util.List;
import java.util.stream.Stream;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.TextElement;

/** What can be done with what is held just now, the likeliest first: the hand strip shows the first eight with a word each, and the rest
 *  behind “More”; the context menu is the same list. */
public final class HandTable {

    /** How many have a place on the strip. */
    public static final int SHOWN = 8;

    private static final List<String> NOTHING = List.of(
            "addText",
            "addBox",
            "addOval",
            "addLine",
            "addStar",
            "pen",
            "place",
            "addScalloped",
            "addHeart",
            "addPolygon",
            "addTag",
            "addBanner",
            "addArrow",
            "addRing",
            "addBalloon",
            "paste",
            "addGuide",
            "addSheet",
            "changeSheet",
            "recolour",
            "selectAll");

    /** Rows of a menu on a thing: what a person reads at one glance down. */
    private static final int ROWS = 14;

    private static final List<String> ALWAYS = List.of("hide", "lock", "delete", "ask");

    /** For an outline whose points are open. */
    public static final List<String> POINTS = List.of(
            "pointAdd",
            "pointRemove",
            "pointSmooth",
            "pointCorner",
            "outlineSplit",
            "outlineJoin",
            "points",
            "pointNext",
            "pointPrevious");

    private static final List<String> ANY = List.of(
            "copy",
            "duplicate",
            "delete",
            "toFront",
            "toBack",
            "flipAcross",
            "flipDown",
            "turnRight",
            "smaller",
            "larger",
            "hide",
            "lock",
            "shelve");

    private static final List<String> TEXT = List.of(
            "editText",
            "glyphs",
            "letters",
            "halo",
            "pickColour",
            "toOutlines",
            "shadow",
            "duplicate",
            "centreAll",
            "textStraight",
            "uniteLive");

    private static final List<String> PICTURE = List.of(
            "halo",
            "clearBackdrop",
            "trace",
            "cropSeen",
            "shadow",
            "duplicate",
            "toFront",
            "centreAll",
            "restoreBackdrop");

    private static final List<String> GROUP = List.of(
            "stepIn",
            "ungroup",
            "halo",
            "mirrorToCorners",
            "duplicate",
            "flipAcross",
            "toFront",
            "centreAll",
            "ungroupAll",
            "recolour");

    private static final List<String> WINDOW = List.of(
            "fillWindows", "fitFill", "fitWhole", "fitFree", "emptyWindows", "unclip", "duplicate", "centreAll");

    private static final List<String> TRY_OUT =
            List.of("tryPrevious", "tryNext", "trySideBySide", "trySettle", "stepIn", "halo", "duplicate", "centreAll");

    private static final List<String> SHAPE = List.of(
            "halo",
            "points",
            "pickColour",
            "makeWindows",
            "shadow",
            "duplicate",
            "flipAcross",
            "toFront",
            "centreAll",
            "makePlain",
            "joinEnds",
            "repeatAlong",
            "smoothForBlade");

    private static final List<String> SEVERAL = List.of(
            "group",
            "alignCentre",
            "alignMiddle",
            "evenGapsAcross",
            "spaceOut",
            "unite",
            "subtract",
            "clip",
            "evenGapsDown",
            "tryOut",
            "makeWindows",
            "halo",
            "uniteLive",
            "joinEnds",
            "textOnOutline");

    private HandTable() {}

    /** Ids of commands, each once. */
    public static List<String> of(List<Element> held) {
        if (held.isEmpty()) {
            return NOTHING;
        }
        List<String> own = held.size() > 1 ? SEVERAL : ofOne(held.getFirst());
        return Stream.concat(own.stream(), ANY.stream()).distinct().toList();
    }

    /** The rows of a menu opened on a thing: what goes with its kind, what goes with any, and the way to all else. */
    public static List<String> onThing(List<Element> held) {
        Stream<String> rows =
                of(held).stream().filter(id -> !ALWAYS.contains(id)).limit(ROWS - ALWAYS.size());
        return Stream.concat(rows, ALWAYS.stream()).toList();
    }

    private static List<String> ofOne(Element e) {
        return switch (e) {
            case TextElement t -> TEXT;
            case PictureElement p -> PICTURE;
            case GroupElement g when g.slot().isPresent() -> WINDOW;
            case GroupElement g when g.isTryOut() -> TRY_OUT;
            case GroupElement g -> GROUP;
            default -> SHAPE;
        };
    }
}
