/**
 * What a person writes beside the data and keeps of the plot, as it stands on a sheet: in a study, or in a task that asks for a
 * section.
 */
package hestra.desktop.notes;
