/** Adding and setting live text, and paths for it to stand on. */
package rondel.compose.lettering;
