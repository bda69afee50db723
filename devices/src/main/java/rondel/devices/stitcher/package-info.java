/** What sends tapes to stitching machines. */
package rondel.devices.stitcher;
