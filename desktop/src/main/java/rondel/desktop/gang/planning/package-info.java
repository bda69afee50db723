/** The plan that the Gang stage is about, and what is done with it: a model without any view. */
package rondel.desktop.gang.planning;
