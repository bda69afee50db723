/** Stitches, worked out from outlines: running stitches, fills with their underlay, and the pattern that a machine sews. */
package rondel.run.stitch;
