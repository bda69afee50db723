/** Packing of true shapes: overlaps are let happen and then separated by guided local search, on ever shorter stock or ever fewer sheets
 *  (Umetani et al. 2009; Elkeran 2013; Gardeyn and Wauters 2024). */
package rondel.gang.nest;
