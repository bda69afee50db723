/** What is asked before things are mirrored or repeated. */
package rondel.desktop.compose.repeat;
