/** The physical truth of the selection, to read and to type. */
package rondel.desktop.compose.measure;
