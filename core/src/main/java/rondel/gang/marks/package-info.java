/** What is printed beside what is made: trim and fold marks, registration marks, the sheet's label and a colour bar. */
package rondel.gang.marks;
