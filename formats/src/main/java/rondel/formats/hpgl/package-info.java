/** HP-GL, the plotter language that cutters of all makers read: written for a route, and read as any writer has it. Its sources are the
 *  interfacing and programming manuals of the pen plotters of the 1980s; a plotter unit is 0.025 mm, y runs up from the lower left corner. */
package rondel.formats.hpgl;
