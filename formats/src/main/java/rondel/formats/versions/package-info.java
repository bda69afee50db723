/** Earlier versions of job files. */
package rondel.formats.versions;
