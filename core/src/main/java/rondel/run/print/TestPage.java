package rondel.run.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.gang.marks.SheetLabel;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.FontChoice;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.text.Typesetter;
import rondel.words.Words;

/** A page that proves a printer's size: a square of a known side, with a ruler under it. */
public final class TestPage {

    private static final double MARGIN = 15;
    private static final double WEIGHT = 0.1;
    private static final FontChoice FONT = new FontChoice("Nunito", 400, false);

    private TestPage() {}

    /** The side of its square, in whole tens of mm: as large as goes onto a page. */
    public static double square(double width, double height) {
        return Math.max(10, Math.floor((Math.min(width, height) - 2 * MARGIN) / 10) * 10);
    }

    /** @param width of the page, in mm */
    public static Sheet of(double width, double height, Optional<Typesetter> typesetter) {
        double side = square(width, height);
        Box box = new Box((width - side) / 2, (height - side) / 2, side, side);
        List<Element> all = new ArrayList<>();
        all.add(new ShapeElement(
                Traits.named(Words.of("print.square")),
                Outline.rectangle(box),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(new Rgba(0, 0, 0, 255), WEIGHT))));
        typesetter
                .flatMap(t -> SheetLabel.of(
                        Words.of("print.squareLabel", String.valueOf(Math.round(side))),
                        FONT,
                        t,
                        new Box(box.x() + 3, box.y() + 3, side - 6, 6)))
                .ifPresent(all::add);
        all.addAll(PrintRuler.along(new Box(0, 0, width, box.bottom() - 3), List.of(), typesetter));
        return Sheet.of(new SheetId("test-page"), Words.of("print.testPage"), width, height)
                .withElements(all);
    }
}
