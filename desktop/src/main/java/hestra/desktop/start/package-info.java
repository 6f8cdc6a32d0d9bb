/** Start: what the window shows when nothing is open, and where every piece of work begins or is gone on with. */
package hestra.desktop.start;
