/** Routes: the order and the paths of a tool in one pass, compensated for a trailing blade, and the time that they take. */
package rondel.run.route;
