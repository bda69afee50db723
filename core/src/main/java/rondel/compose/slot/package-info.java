/** Clips, windows for photos, and how pictures lie in them. */
package rondel.compose.slot;
