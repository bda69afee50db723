/** Colours, icons and paths as JavaFX has them, and the theme. */
package rondel.desktop.look;
