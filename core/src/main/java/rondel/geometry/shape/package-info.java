/**
 * Plain shapes that are told by figures: box, oval, line, polygon, star, heart, tag, banner, arrow, ring, balloon, with edges of
 * scallops, teeth, hollows or perforations. A shape fills the frame from (0, 0) to its width and height; lengths in mm.
 */
package rondel.geometry.shape;
