/** The fonts at hand: shipped, added, the system's. */
package rondel.formats.fonts;
