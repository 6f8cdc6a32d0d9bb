/**
 * Files that a person opens and saves, the journal of the open desk, what was open last, settings; reading and writing beside the
 * window's thread.
 */
package hestra.desktop.files;
