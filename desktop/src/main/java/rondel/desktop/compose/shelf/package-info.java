/** The person's own artwork, found, taken and described. */
package rondel.desktop.compose.shelf;
