/** The backdrop of pictures found by region growing, and cut away with clean edges by matting. */
package rondel.lines.backdrop;
