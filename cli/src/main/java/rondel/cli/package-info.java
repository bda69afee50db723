/** Commands without a window. */
package rondel.cli;
