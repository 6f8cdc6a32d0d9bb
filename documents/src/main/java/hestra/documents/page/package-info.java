/**
 * Pages as a description (headings, text, figures, tables, answers, equations), written as web pages, PDF and OpenDocument:
 * write-ups, reports of studies, handouts and keys, what is given back, the class; and a fit as JSON.
 */
package hestra.documents.page;
