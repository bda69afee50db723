/** What a dragged thing holds to: edges, middles, equal gaps, guides, margins. */
package rondel.compose.snap;
