/** Figures as PNG, SVG and PDF, in their colours, and pictures that are brought in. */
package hestra.documents.picture;
