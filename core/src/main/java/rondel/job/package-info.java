/** One document and what is in it, as immutable values: job, sheet, element (shape, picture, text, group), paint,
 * role, link; how much room things take, and where they stand. */
package rondel.job;
