/** A stand-in for a camera or a scanner: pictures of printed sheets as those make them. */
package rondel.devices.camera;
