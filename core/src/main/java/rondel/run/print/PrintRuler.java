package rondel.run.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.gang.marks.SheetLabel;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.FontChoice;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.text.Typesetter;
import rondel.words.Words;

/** A ruler of 100 mm, with a line each millimetre, that is printed at the edge of a sheet: laid beside a ruler of one's own it shows whether the
 *  size is true. */
public final class PrintRuler {

    /** How long it is, in mm: as much as fits in whole tens where a sheet is smaller. */
    public static final double LENGTH = 100;

    /** Ticks and the label over them, in mm. */
    private static final double HIGH = 8;

    private static final double TENTH = 4;
    private static final double FIFTH = 3;
    private static final double EACH = 2;
    private static final double WEIGHT = 0.1;
    private static final Rgba BLACK = new Rgba(0, 0, 0, 255);
    private static final FontChoice FONT = new FontChoice("Nunito", 400, false);

    private PrintRuler() {}

    /** Along an edge of what a printer reaches where nothing else is printed: the lower, the upper, the left or the right one.
     *
     * @param taken where something is printed; where all edges are taken, it is printed over the lower one
     * @return nothing where there is no room for ten millimetres */
    public static List<Element> along(Box reach, List<Box> taken, Optional<Typesetter> typesetter) {
        double across = whole(reach.width());
        double down = whole(reach.height());
        double x = reach.x() + (reach.width() - across) / 2;
        double y = reach.y() + (reach.height() - down) / 2;
        List<Box> places = List.of(
                new Box(x, reach.bottom() - HIGH, across, HIGH),
                new Box(x, reach.y(), across, HIGH),
                new Box(reach.x(), y, HIGH, down),
                new Box(reach.right() - HIGH, y, HIGH, down));
        Box place = places.stream()
                .filter(b -> taken.stream().noneMatch(b::intersects))
                .findFirst()
                .orElse(places.getFirst());
        boolean level = place.width() >= place.height();
        double length = level ? across : down;
        if (length < 10) {
            return List.of();
        }
        if (level) {
            return across(place.x(), place.bottom() - TENTH, length, typesetter);
        }
        // On its side, read from the right.
        Affine turned = Affine.translate(place.x(), place.bottom()).times(Affine.rotate(-90));
        return List.of(GroupElement.of(
                Traits.named(Words.of("print.ruler")).withPlacement(turned),
                across(0, HIGH - TENTH, length, typesetter)));
    }

    private static double whole(double room) {
        return Math.min(LENGTH, Math.floor((room - 2) / 10) * 10);
    }

    /** @param x its left end, in mm
     *  @param y its upper edge, in mm
     *  @param length in whole tens of mm */
    static List<Element> across(double x, double y, double length, Optional<Typesetter> typesetter) {
        List<Element> all = new ArrayList<>();
        OutlineBuilder lines = new OutlineBuilder();
        lines.moveTo(x, y).lineTo(x + length, y);
        for (int i = 0; i <= (int) Math.rint(length); i++) {
            double tall = i % 10 == 0 ? TENTH : i % 5 == 0 ? FIFTH : EACH;
            lines.moveTo(x + i, y).lineTo(x + i, y + tall);
        }
        all.add(new ShapeElement(
                Traits.named(Words.of("print.ruler")),
                lines.build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(BLACK, WEIGHT))));
        typesetter
                .flatMap(t -> SheetLabel.of(
                        Words.of("print.rulerLabel", String.valueOf(Math.round(length))),
                        FONT,
                        t,
                        new Box(x + 1, y - 3.5, length - 2, 3)))
                .ifPresent(all::add);
        return all;
    }
}
