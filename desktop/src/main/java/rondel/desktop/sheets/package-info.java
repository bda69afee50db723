/** What is asked about sheets and guides. */
package rondel.desktop.sheets;
