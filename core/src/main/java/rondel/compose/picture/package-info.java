/** Pictures on the sheet: what of them counts for their size and place, and what of them is shown. */
package rondel.compose.picture;
