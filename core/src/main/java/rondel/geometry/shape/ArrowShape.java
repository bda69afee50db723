package rondel.geometry.shape;

import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** An arrow to the right.
 *
 * @param head how long its head is
 * @param shaft how thick its shaft is */
public record ArrowShape(
        @Mm double width,
        @Mm double height,
        @Mm double head,
        @Mm double shaft) implements PlainShape {

    public ArrowShape {
        ShapeLimits.size(width, height);
        ShapeLimits.length("head", head);
        ShapeLimits.length("shaft", shaft);
    }

    @Override
    public Outline outline() {
        double neck = width - Math.min(head, width);
        double top = (height - Math.min(shaft, height)) / 2;
        OutlineBuilder out =
                new OutlineBuilder().moveTo(neck, 0).lineTo(width, height / 2).lineTo(neck, height);
        if (neck > 0 && shaft > 0) {
            out.lineTo(neck, height - top)
                    .lineTo(0, height - top)
                    .lineTo(0, top)
                    .lineTo(neck, top);
        }
        return out.close().build();
    }

    @Override
    public ArrowShape sized(double sx, double sy, double lengths) {
        return new ArrowShape(width * sx, height * sy, head * lengths, shaft * lengths);
    }
}
