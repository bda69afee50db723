/** Any file that artwork is in, told apart by its first bytes. */
package rondel.formats.reading;
