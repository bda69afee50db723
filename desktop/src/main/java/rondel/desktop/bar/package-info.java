/** The top of the window and its foot. */
package rondel.desktop.bar;
