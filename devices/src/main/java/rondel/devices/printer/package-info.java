/** Prints at true size: on the system's printers, on a printer that takes PDF on a port, and into files. */
package rondel.devices.printer;
