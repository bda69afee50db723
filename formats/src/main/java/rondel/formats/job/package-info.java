/** The job file, and operations as JSON (RFC 8259). */
package rondel.formats.job;
