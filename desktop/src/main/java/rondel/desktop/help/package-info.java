/** The guide inside the window, and what tells about the program itself. */
package rondel.desktop.help;
