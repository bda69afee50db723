/** A stand-in for a cutter: takes HP-GL on a port, moves a trailing blade, and tells what it has cut. */
package rondel.devices.cutter.standin;
