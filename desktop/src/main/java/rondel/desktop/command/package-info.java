/** Every command of the window, with its keys, and the menus made of them. */
package rondel.desktop.command;
