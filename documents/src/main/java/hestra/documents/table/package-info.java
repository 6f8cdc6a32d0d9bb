/** Data in and out: delimited text of any shape, workbooks, and what is made of them. */
package hestra.documents.table;
