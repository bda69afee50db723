/** Sends routes to cutters, as HP-GL over a line. */
package rondel.devices.cutter;
