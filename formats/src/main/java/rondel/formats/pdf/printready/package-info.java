/** PDF for print shops: PDF/X-4 (ISO 15930-7) with an output intent, boxes for bleed and trim, and lines that a tool follows as separations that
 *  overprint, in layers that say what is done along them (ISO 19593-1). */
package rondel.formats.pdf.printready;
