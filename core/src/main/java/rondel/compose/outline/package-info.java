/**
 * Outlines of one's own: their points added, moved, removed, made smooth or corners; their contours opened, closed, joined, split
 * and turned round. Contours and points are counted from 0, as they are drawn.
 */
package rondel.compose.outline;
