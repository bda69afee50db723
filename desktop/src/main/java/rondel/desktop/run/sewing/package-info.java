/** Passes of stitch in the window: what is sewn as a picture, threads in their order, and how things are stitched. */
package rondel.desktop.run.sewing;
