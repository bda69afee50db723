/** The ledger as files. */
package rondel.formats.ledger;
