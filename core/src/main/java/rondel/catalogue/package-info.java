/** The lists of all that there is: operations with their examples, and what follows from edits. */
package rondel.catalogue;
