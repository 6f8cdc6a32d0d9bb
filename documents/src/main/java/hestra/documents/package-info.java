/**
 * Files in and out: delimited text, exercises, hand-ins, journals, pictures and write-ups. Knows {@code core}; knows no
 * window.
 */
package hestra.documents;
