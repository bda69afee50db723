/** The one way to make an edit, {@link rondel.history.Editing}, what follows from edits, and edits done and undone. */
package rondel.history;
