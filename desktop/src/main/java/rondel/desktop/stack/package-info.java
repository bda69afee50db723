/** The stack along the bottom: what is on the open level, back to front. */
package rondel.desktop.stack;
