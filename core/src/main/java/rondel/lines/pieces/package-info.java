/** Grouping anew by piece, colour, role or outline; what a piece consists of. */
package rondel.lines.pieces;
