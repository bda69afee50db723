/** DXF, the exchange format of drawings for machines, as ASCII group codes: written as R2000 with arcs and splines as such or as R12 with
 *  polylines, and read with its blocks. The source is the published DXF reference; lengths in mm, y up. */
package rondel.formats.dxf;
