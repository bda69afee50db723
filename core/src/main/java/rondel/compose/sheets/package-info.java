/** Operations on the job and its sheets: title, unit, size, margins, paper, guides. */
package rondel.compose.sheets;
