/** What talks to machines by open languages, and stand-ins for those machines. */
package rondel.devices;
