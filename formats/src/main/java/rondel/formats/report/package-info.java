/** What is told of the program itself: its release, and reports for whoever mends it. */
package rondel.formats.report;
