/** Placing, moving, sizing, turning, grouping, stacking, painting, mirroring, repeating. */
package rondel.compose.arrange;
