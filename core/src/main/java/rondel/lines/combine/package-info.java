/** Shapes made of shapes: silhouettes, strokes as outlines, unions that stay live, lines smoothed for a blade. */
package rondel.lines.combine;
