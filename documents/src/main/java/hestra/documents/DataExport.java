package hestra.documents;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Row;
import hestra.data.Variable;
import org.apache.poi.xssf.usermodel.XSSFRow;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/**
 * Writes a table for other programs: as CSV, .xlsx or .ods, by the ending of the name. Headings carry the unit in brackets.
 * Numbers are numbers; what is no number is a text, and in CSV a text that a program would take for a formula gets a mark
 * before it that stops that.
 */
public final class DataExport {

    private static final String SHEET = "Data";
    private static final String FORMULA_STARTS = "=+-@\t\r";

    private DataExport() {}

    /** Writes the table. */
    public static void write(DataTable table, Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".xlsx")) {
            FileWriting.write(file, out -> workbook(table, out));
        } else if (name.endsWith(".ods")) {
            FileWriting.write(file, out -> openDocument(table, out));
        } else {
            FileWriting.write(file, csv(table));
        }
    }

    /** The table as comma-separated text, numbers with a decimal point. */
    static String csv(DataTable table) {
        StringBuilder text = new StringBuilder(DelimitedText.line(headings(table).stream().map(DataExport::harmless).toList())).append('\n');
        for (Row row : table.rows()) {
            List<String> cells = new ArrayList<>();
            for (int column = 0; column < table.width(); column++) {
                cells.add(switch (row.cell(column)) {
                    case Cell.Measured(String _, double value) -> StoredNumber.of(value);
                    case Cell.Empty _ -> "";
                    case Cell.Unreadable(String typed, String _) -> harmless(typed);
                });
            }
            text.append(DelimitedText.line(cells)).append('\n');
        }
        return text.toString();
    }

    /** A text that a program which opens the table does not take for a formula. */
    static String harmless(String text) {
        return !text.isEmpty() && FORMULA_STARTS.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static List<String> headings(DataTable table) {
        return table.variables().stream().map(DataExport::heading).toList();
    }

    private static String heading(Variable variable) {
        return variable.unit().isEmpty() || variable.unit().equals(variable.name()) ? variable.name() : variable.name() + " (" + variable.unit() + ")";
    }

    private static void workbook(DataTable table, OutputStream out) throws IOException {
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            XSSFSheet sheet = workbook.createSheet(SHEET);
            XSSFRow first = sheet.createRow(0);
            List<String> headings = headings(table);
            for (int column = 0; column < headings.size(); column++) {
                first.createCell(column).setCellValue(headings.get(column));
            }
            for (int i = 0; i < table.size(); i++) {
                XSSFRow row = sheet.createRow(i + 1);
                for (int column = 0; column < table.width(); column++) {
                    switch (table.cell(i, column)) {
                        case Cell.Measured(String _, double value) -> row.createCell(column).setCellValue(value);
                        case Cell.Unreadable(String typed, String _) -> row.createCell(column).setCellValue(typed);
                        case Cell.Empty _ -> { }
                    }
                }
            }
            workbook.write(out);
        }
    }

    private static void openDocument(DataTable table, OutputStream out) throws IOException {
        Sheet sheet = new Sheet(SHEET, table.size() + 1, Math.max(1, table.width()));
        List<String> headings = headings(table);
        for (int column = 0; column < headings.size(); column++) {
            sheet.getRange(0, column).setValue(headings.get(column));
            for (int i = 0; i < table.size(); i++) {
                switch (table.cell(i, column)) {
                    case Cell.Measured(String _, double value) -> sheet.getRange(i + 1, column).setValue(value);
                    case Cell.Unreadable(String typed, String _) -> sheet.getRange(i + 1, column).setValue(typed);
                    case Cell.Empty _ -> { }
                }
            }
        }
        SpreadSheet sheets = new SpreadSheet();
        sheets.appendSheet(sheet);
        sheets.save(out);
    }
}
