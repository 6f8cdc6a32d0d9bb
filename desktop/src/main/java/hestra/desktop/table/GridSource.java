package hestra.desktop.table;

import java.util.Optional;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.documents.table.DelimitedText.Block;
import hestra.numbers.DecimalMark;

/** The table that a grid shows, and what may be done to it. Rows and columns count from 0. */
public interface GridSource {

    DataTable table();

    /** What its columns are for. */
    Roles roles();

    /** Makes a change. */
    void change(TableEdit change);

    /**
     * Writes a block over what is there; columns beyond the last are dropped, unless it brings its own. Under the number of an
     * earlier paste it takes the place of that one.
     *
     * @param before the table as it is without the paste
     * @param ownColumns whether the block brings its own columns
     */
    void paste(long number, DataTable before, int row, int column, Block block, boolean ownColumns);

    /** A number for a new paste. */
    long newPaste();

    /** Whether a paste is still there to be read in another way. */
    boolean holds(long paste);

    /** The decimal mark in which numbers are typed. */
    DecimalMark mark();

    /** Whether what is pasted brings its own columns, since there is nothing in the table yet. */
    boolean takesColumns();

    /** Whether columns may be put in, taken out and moved. */
    boolean ownsColumns();

    /** Whether curves are fitted to this table, so that points can be chosen for them. */
    default boolean fitsCurves() {
        return false;
    }

    /** Has curves fitted to the points of these rows alone, or to all where there are none. */
    default void fitOnly(Set<Integer> rows) {
        throw new IllegalStateException("no curves are fitted to this table");
    }

    /** Puts a column to another use. */
    void use(int column, Roles.Use use);

    /** Puts other data with their own columns in the place of those that are there. */
    void bring(DataTable data, Roles roles);

    /** What stood in a cell at first, where something else stands in it now. */
    Optional<String> original(int row, int column);
}
