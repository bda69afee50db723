/** Passes: which lines of a sheet are made from which material with which tool, in which order, and what is loaded for each. */
package rondel.run.passes;
