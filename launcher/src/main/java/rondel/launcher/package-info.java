/** Where Rondel starts: a window or a command. */
package rondel.launcher;
