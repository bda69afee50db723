/** Lists of names and other words that are filled into designs: which column goes where, and what is done so that each fits. */
package rondel.gang.names;
