package rondel.compose.shape;

import java.util.OptionalDouble;

/** One figure of a plain shape beside its size, by which it is told and can be changed. */
public sealed interface ShapeFigure {

    /** What it is called: names of components of its record, as {@code edge.pitch}. */
    String name();

    /** A length in mm.
     *
     * @param mm nothing where it stands for several that differ */
    record Length(String name, OptionalDouble mm) implements ShapeFigure {}

    /** How many of something there are. */
    record Count(String name, int value) implements ShapeFigure {}

    /** A part of something, from 0 to 1. */
    record Share(String name, double part) implements ShapeFigure {}

    /** One of several ways. */
    record Choice(String name, Enum<?> value) implements ShapeFigure {}
}
