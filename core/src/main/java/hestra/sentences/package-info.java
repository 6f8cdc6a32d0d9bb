/**
 * What a sentence about two variables says: which of them it names, which amounts, per what, which way, how sure, and whether it
 * claims a cause. Clause by clause, by word lists that can be added to; where it cannot be sure it says so.
 */
package hestra.sentences;
