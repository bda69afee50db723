/** SVG 1.1 and the static parts of SVG 2, read and written. */
package rondel.formats.svg;
