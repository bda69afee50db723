/** Where artwork comes from and what may be done with it. */
package rondel.compose.licence;
