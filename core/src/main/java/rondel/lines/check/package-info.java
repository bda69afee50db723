/** What a check is: findings, their fixes, the limits, and a job as checks see it. */
package rondel.lines.check;
