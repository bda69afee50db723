/** Cut lines at a distance around artwork: buffers by JTS, gaps bridged by closing (Serra 1982), neighbours kept
 * apart, curves fitted. */
package rondel.lines.halo;
