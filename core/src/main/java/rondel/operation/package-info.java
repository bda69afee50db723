/** Edits as values: {@link rondel.operation.Operation}, several made together, and which elements an edit may
 * touch. */
package rondel.operation;
