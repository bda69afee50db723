/** What is asked before a template is filled in. */
package rondel.desktop.compose.template;
