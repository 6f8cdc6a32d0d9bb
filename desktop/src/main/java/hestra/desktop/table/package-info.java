/**
 * The table as one types and pastes into it, the strip that says how a paste was read, and the bar of the row in hand.
 */
package hestra.desktop.table;
