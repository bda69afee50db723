/** Recipes: lists of operations in a file. */
package rondel.formats.recipe;
