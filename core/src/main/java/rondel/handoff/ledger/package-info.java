/** The ledger: everything that a job contains from somebody, with its maker, its source and its terms. */
package rondel.handoff.ledger;
