/** What a stage of the work is to the window. */
package rondel.desktop.stage;
