/** Pages: the write-up, prose, equations in mark-up, and a fit as JSON. */
package hestra.documents.page;
