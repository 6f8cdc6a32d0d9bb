/**
 * Targets: conditions on points and the line through them, whether they hold, and why some can never hold.
 */
package hestra.targets;
