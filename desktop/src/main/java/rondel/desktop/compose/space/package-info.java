/** What is asked before things are spaced out. */
package rondel.desktop.compose.space;
