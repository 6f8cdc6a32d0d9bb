/**
 * The window: its views, its bar and boards, and what can be done with files. Nothing below knows it.
 */
package hestra.desktop.window;
