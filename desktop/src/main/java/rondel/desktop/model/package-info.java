/** What the window is about, without an interface: the bench with its queue of edits, the selection and what is
 * said of it, the stage. */
package rondel.desktop.model;
