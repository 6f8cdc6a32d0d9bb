/** A person's own sheet beside their data: title, text, and what they keep of the plot. It is the report. */
package hestra.desktop.study;
