/** A page of a PDF as artwork, by PDFBox's parser: its paths, text as outlines, pictures, clips, colours and layers. Nothing in a PDF is run, and
 *  what it links to or carries along is left alone. */
package rondel.formats.pdf.reading;
