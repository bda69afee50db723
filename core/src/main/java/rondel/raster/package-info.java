/** Level lines of pixels: outlines where a picture crosses a value (marching squares, Lorensen and Cline 1987, in
 * the plane). */
package rondel.raster;
