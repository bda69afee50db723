/** Step and repeat: pieces of one size in rows on the stock, with exact gutters, turned where more of them fit. */
package rondel.gang.rows;
