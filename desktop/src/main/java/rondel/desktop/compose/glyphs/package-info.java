/** The glyphs of a font, on view and searched. */
package rondel.desktop.compose.glyphs;
