/** Points, boxes, affine maps and outlines of lines, quadratic and cubic curves, with exact bounds. Lengths in mm,
 * y down. */
package rondel.geometry;
