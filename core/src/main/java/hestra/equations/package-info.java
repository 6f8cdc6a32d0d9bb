/** Equations of curves as people type them, brought to one form, so that two ways of writing the same can be compared. */
package hestra.equations;
