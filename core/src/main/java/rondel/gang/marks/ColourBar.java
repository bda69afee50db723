package rondel.gang.marks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.shape.BoxShape;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.words.Words;

/** A row of small fields, one for each colour that is printed and one for each role that is made otherwise, by which prints and passes are
 *  compared. */
public final class ColourBar {

    /** A field's side, in mm. */
    private static final double FIELD = 4;

    private ColourBar() {}

    /** @param room where it may stand; it ends at its right
     *  @param colours as many as there is room for */
    public static List<Element> of(List<Rgba> colours, Box room) {
        int count = Math.min(colours.size(), (int) (room.width() / FIELD));
        List<Element> fields = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double x = room.right() - (count - i) * FIELD;
            fields.add(ShapeElement.of(
                    Traits.named(Words.of("marks.colour"))
                            .withPlacement(Affine.translate(x, room.centre().y() - FIELD / 2)),
                    BoxShape.of(FIELD, FIELD),
                    Paint.solid(colours.get(i)),
                    Optional.empty()));
        }
        return fields;
    }
}
