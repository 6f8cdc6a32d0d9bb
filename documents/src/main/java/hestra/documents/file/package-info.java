/** Bounded archives, text in any encoding, what comes of reading a file, and the one way in which any file is written: beside, then moved over. */
package hestra.documents.file;
