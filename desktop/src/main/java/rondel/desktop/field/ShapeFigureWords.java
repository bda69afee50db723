package rondel.desktop.field;

import rondel.compose.shape.ShapeFigure;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Figures of plain shapes in words. */
public final class ShapeFigureWords {

    private ShapeFigureWords() {}

    public static String name(ShapeFigure figure) {
        return Words.of("figure." + figure.name());
    }

    public static String said(ShapeFigure figure, LengthUnit unit) {
        return name(figure) + " "
                + switch (figure) {
                    case ShapeFigure.Length l ->
                        l.mm().isPresent() ? LengthFormat.withUnit(l.mm().getAsDouble(), unit) : "";
                    case ShapeFigure.Count c -> Integer.toString(c.value());
                    case ShapeFigure.Share s -> Math.round(s.part() * 100) + " %";
                    case ShapeFigure.Choice c -> choice(c.value());
                };
    }

    /** The word of one of several ways. */
    public static String choice(Enum<?> value) {
        return Words.of(
                "figure." + value.getDeclaringClass().getEnclosingClass().getSimpleName() + "." + value.name());
    }
}
