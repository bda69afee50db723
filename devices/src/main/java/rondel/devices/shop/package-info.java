/** Publishes hand-off files to a shop over HTTP and JSON, whatever happens on the way. */
package rondel.devices.shop;
