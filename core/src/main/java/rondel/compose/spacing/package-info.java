/** Gaps read, typed, evened and made exact; lining up; grids. */
package rondel.compose.spacing;
