/** Pictures to outlines, by how dark they are or in a few colours. */
package rondel.lines.trace;
