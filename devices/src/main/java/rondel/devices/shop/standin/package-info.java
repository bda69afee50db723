/** A stand-in for a shop: listings with files, over HTTP and JSON; docs/shop.openapi.yaml tells its language. */
package rondel.devices.shop.standin;
