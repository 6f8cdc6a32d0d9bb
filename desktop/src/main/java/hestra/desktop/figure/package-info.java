/**
 * A described figure painted on canvases: still ground and moving foreground apart.
 */
package hestra.desktop.figure;
