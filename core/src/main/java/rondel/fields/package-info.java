/** What records say about their components, so that files, recipes and the list of operations can be made from them. */
package rondel.fields;
