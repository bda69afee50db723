/** The application: the whole window put together, its dialogs, its journal and what a crash left behind; pictures
 * of it without a display. */
package rondel.desktop.app;
