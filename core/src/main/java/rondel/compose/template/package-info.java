/** What a template has to fill in, and filling it in. */
package rondel.compose.template;
