/** What is asked before a file leaves the bench. */
package rondel.desktop.export;
