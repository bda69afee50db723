/** The list of fonts: each family once, in its own face. */
package rondel.desktop.compose.font;
