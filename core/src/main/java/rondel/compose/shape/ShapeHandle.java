package rondel.compose.shape;

import java.util.function.Function;
import rondel.geometry.Point;
import rondel.geometry.shape.PlainShape;

/** A place on a plain shape by which one of its main figures is dragged.
 *
 * @param figure which one, as {@link ShapeFigures} names it
 * @param at where it stands, in the shape's own space
 * @param moved the shape as it is with the handle elsewhere */
public record ShapeHandle(String figure, Point at, Function<Point, PlainShape> moved) {}
