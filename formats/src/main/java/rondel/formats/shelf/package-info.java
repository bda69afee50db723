/** The person's library of artwork: a plain folder, and an index of it that can be thrown away. */
package rondel.formats.shelf;
