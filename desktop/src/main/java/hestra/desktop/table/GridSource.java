package hestra.desktop.table;

import java.util.List;

import hestra.data.DataTable;
import hestra.documents.DelimitedText.Block;
import hestra.numbers.DecimalMark;

/** The table that a grid shows, and what may be done to it. Rows and columns count from 0. */
public interface GridSource {

    DataTable table();

    void type(int row, int column, String text);

    /** Writes a block over what is there; columns beyond the last are dropped, unless the table {@linkplain #takesColumns takes} them. */
    void paste(int row, int column, Block block);

    /** Takes the last change back. */
    void takeBack();

    /** The decimal mark in which numbers are typed. */
    DecimalMark mark();

    /** Whether a column holds one of the two variables, so that words in it are mistakes and not labels. */
    boolean isMeasured(int column);

    /** Whether what is pasted brings its own columns, since there is nothing in the table yet. */
    boolean takesColumns();

    void clear(int firstRow, int firstColumn, int lastRow, int lastColumn);

    void insertRow(int row);

    void deleteRows(List<Integer> rows);
}
