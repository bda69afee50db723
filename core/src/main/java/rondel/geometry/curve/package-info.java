/** Contours as segments, parts of curves, curves fitted to points (Schneider 1990) and their crossings. */
package rondel.geometry.curve;
