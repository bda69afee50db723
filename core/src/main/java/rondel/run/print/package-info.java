/** Printing at true size: the ruler and the test page that prove it, and what was measured of a printer. */
package rondel.run.print;
