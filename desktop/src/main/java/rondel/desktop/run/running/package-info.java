/** What the Run stage knows and does: passes, routes, machines, and what came of them. */
package rondel.desktop.run.running;
