/** How printed colours will look, on a screen. */
package rondel.formats.proof;
