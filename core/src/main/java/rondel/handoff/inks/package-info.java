/** Inks beside those of the press: white under what is printed. */
package rondel.handoff.inks;
