/** How slow work learns that it was called off, and how it says how far it has come. */
package rondel.progress;
