/** The material as it is bought: pages, mats' worth and lengths of roll, with what of them can be used. */
package rondel.gang.stock;
