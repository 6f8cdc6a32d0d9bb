/**
 * Bounded archives, text in any encoding, the bounded reading of any file, and the one way in which any file is written: beside,
 * then moved over.
 */
package hestra.documents.file;
