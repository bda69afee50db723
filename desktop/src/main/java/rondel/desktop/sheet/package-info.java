/** The sheet in the middle: its picture in tiles, its layers, and what the mouse does on it. */
package rondel.desktop.sheet;
