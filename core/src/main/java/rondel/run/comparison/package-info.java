/** What a machine has cut, laid over what was to be cut. */
package rondel.run.comparison;
