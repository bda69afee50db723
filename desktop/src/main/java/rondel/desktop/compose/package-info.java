/** The Compose stage: what stands in the window while a sheet is composed. */
package rondel.desktop.compose;
