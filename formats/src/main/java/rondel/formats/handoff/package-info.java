/** Hand-off sets made: all their files, in a folder or a zip, whole or not at all. */
package rondel.formats.handoff;
