/** The one field for lengths, angles and numbers. */
package rondel.desktop.field;
