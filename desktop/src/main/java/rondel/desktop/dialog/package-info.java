/** The window's questions as dialogs. */
package rondel.desktop.dialog;
