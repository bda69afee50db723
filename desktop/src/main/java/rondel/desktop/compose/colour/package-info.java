/** What is asked before colours are replaced. */
package rondel.desktop.compose.colour;
