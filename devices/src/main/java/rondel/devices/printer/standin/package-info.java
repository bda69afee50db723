/** A stand-in for a printer: takes PDF on a port and draws what would come out. */
package rondel.devices.printer.standin;
