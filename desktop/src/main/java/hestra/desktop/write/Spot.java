package hestra.desktop.write;

/**
 * A place on the sheets between two blocks.
 *
 * @param part the id of the part
 * @param index how many blocks stand before it on the part's sheet
 */
record Spot(String part, int index) {}
