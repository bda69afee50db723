/** The points of an outline that is opened. */
package rondel.desktop.compose.points;
