/** Outlines filled with copies: found on a grid of distances, grown together until they touch, then made exact by
 * true outlines. */
package rondel.lines.filling;
