/** Roles by look, and what will be made of a sheet. */
package rondel.lines.roles;
