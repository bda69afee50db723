/** Artwork as it was read, in mm, and where it goes on a sheet. */
package rondel.formats.artwork;
