package hestra.desktop.table;

import java.util.List;

import hestra.data.DataTable;
import hestra.documents.DelimitedText.Block;

/** The table that a grid shows, and what may be done to it. Rows and columns count from 0. */
public interface GridSource {

    DataTable table();

    void type(int row, int column, String text);

    void paste(int row, int column, Block block);

    void clear(int firstRow, int firstColumn, int lastRow, int lastColumn);

    void insertRow(int row);

    void deleteRows(List<Integer> rows);
}
