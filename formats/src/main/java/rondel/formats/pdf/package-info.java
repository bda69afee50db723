/** PDF by PDFBox (ISO 32000), shapes as vectors. */
package rondel.formats.pdf;
