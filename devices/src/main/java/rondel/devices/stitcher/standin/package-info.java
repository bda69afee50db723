/** A stand-in for a stitching machine: it sews tapes in thought, with speed, cuts, changes and breaks of thread. */
package rondel.devices.stitcher.standin;
