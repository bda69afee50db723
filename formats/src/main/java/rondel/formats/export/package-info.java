/** The kinds of files that leave the bench. */
package rondel.formats.export;
