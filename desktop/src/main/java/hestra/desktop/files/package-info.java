/**
 * Files that a person opens and saves, the journal of the open desk and how it is written, earlier versions, the library, what
 * was open last, settings; reading and writing beside the window’s thread.
 */
package hestra.desktop.files;
