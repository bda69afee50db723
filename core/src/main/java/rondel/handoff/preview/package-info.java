/** Pictures for a shop's listing, drawn from the work itself: on a surface, in pieces, close up, by size and by name. */
package rondel.handoff.preview;
