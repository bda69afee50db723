package rondel.lines.halo;

/** Artwork whose halo another one keeps clear of.
 *
 * @param x how far right of where the artwork was worked out it stands, seen from where the halo's own was, in mm
 * @param y how far down */
record Neighbour(CoveredArtwork art, double x, double y) {}
