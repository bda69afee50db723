/** What is asked of a thing that goes on the shelf. */
package rondel.desktop.compose.thing;
