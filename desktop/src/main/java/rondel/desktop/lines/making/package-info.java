/** Edits that take their time: previewed, computed aside, watched and stopped. */
package rondel.desktop.lines.making;
