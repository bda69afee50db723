package rondel.gang.marks;

import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.text.Typesetter;
import rondel.words.Words;

/** What a sheet is, in small letters beside what is made: the job, the plan and the number of the sheet. */
public final class SheetLabel {

    /** Letters of 6 points, in mm of the em. */
    private static final double SIZE = 2.1;

    /** To how many digits of a millimetre its outline is kept. */
    private static final int FINE = 5;

    private SheetLabel() {}

    /** @param room where it may stand; it is made smaller to its width
     *  @return nothing where there is not even one letter's room */
    public static Optional<Element> of(String text, FontChoice font, Typesetter typesetter, Box room) {
        Outline shaped = typesetter.outline(Lettering.plain(text, font, SIZE));
        Optional<Box> box = shaped.bounds();
        if (box.isEmpty() || room.width() < SIZE) {
            return Optional.empty();
        }
        double scale = Math.min(1, room.width() / box.get().width());
        Affine place = Affine.translate(room.x(), room.centre().y())
                .times(Affine.scale(scale, scale))
                .times(Affine.translate(-box.get().x(), -box.get().centre().y()));
        return Optional.of(ShapeElement.filled(
                Words.of("marks.label"), shaped.transformed(place).rounded(FINE), Paint.solid(MarkLines.BLACK)));
    }
}
