/** The clipboard, and what is dragged out of the window. */
package rondel.desktop.clip;
