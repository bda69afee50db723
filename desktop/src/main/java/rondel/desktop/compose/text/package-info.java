/** Edits of live text, and the letters of one that is opened. */
package rondel.desktop.compose.text;
