/** Giving soft shadows; painting them is the painter's. */
package rondel.compose.shadow;
