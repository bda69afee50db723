/** Lists of names from CSV files and pasted tables. */
package rondel.formats.names;
