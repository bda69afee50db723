/** The ask field: commands found by what people call them. */
package rondel.desktop.ask;
