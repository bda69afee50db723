/** Plain shapes on the sheet: added, given other figures, kept to the true sizes of their figures when they are stretched, made
 *  plain outlines. */
package rondel.compose.shape;
