/** Atomic files, names, and where Rondel keeps what is its own. */
package rondel.formats.files;
