package hestra.documents.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import javax.xml.parsers.ParserConfigurationException;

import hestra.documents.file.FileReading;
import hestra.documents.file.Result;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackageAccess;
import org.apache.poi.openxml4j.util.ZipSecureFile;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.util.XMLHelper;
import org.apache.poi.xssf.eventusermodel.ReadOnlySharedStringsTable;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.apache.poi.xssf.eventusermodel.XSSFSheetXMLHandler;
import org.apache.poi.xssf.usermodel.XSSFComment;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.XMLReader;

/**
 * A workbook in Office Open XML (.xlsx), read cell by cell: formulas as their stored values, numbers in full and not as they
 * are shown, dates as year-month-day. The library refuses archives that unpack to a hundred times their size and XML that
 * declares entities.
 */
final class Workbook {

    private static final Logger LOG = LoggerFactory.getLogger(Workbook.class);

    private static final long MOST_UNPACKED = 256L * 1024 * 1024;

    static {
        ZipSecureFile.setMaxEntrySize(MOST_UNPACKED);
    }

    private Workbook() {}

    static Result<List<DataFile.Part>> read(Path file) {
        String name = FileReading.name(file);
        try (OPCPackage archive = OPCPackage.open(file.toFile(), PackageAccess.READ)) {
            XSSFReader reader = new XSSFReader(archive);
            ReadOnlySharedStringsTable strings = new ReadOnlySharedStringsTable(archive);
            List<DataFile.Part> parts = new ArrayList<>();
            SheetRows.Room room = new SheetRows.Room();
            XSSFReader.SheetIterator sheets = (XSSFReader.SheetIterator) reader.getSheetsData();
            while (sheets.hasNext()) {
                try (InputStream sheet = sheets.next()) {
                    SheetRows rows = new SheetRows(sheets.getSheetName(), room);
                    XMLReader xml = XMLHelper.newXMLReader();
                    xml.setContentHandler(new XSSFSheetXMLHandler(reader.getStylesTable(), strings, new Cells(rows),
                            new StoredValues(), false));
                    xml.parse(new InputSource(sheet));
                    if (!rows.isEmpty()) {
                        parts.add(rows.part());
                    }
                }
            }
            return parts.isEmpty() ? Result.refused(name + " has nothing in it.") : Result.done(List.copyOf(parts));
        } catch (SheetRows.TooLarge e) {
            return Result.refused(name + " was not opened: " + e.getMessage() + ". Take a part of it.");
        } catch (OpenXML4JException | IOException | SAXException | ParserConfigurationException
                | RuntimeException | VirtualMachineError e) {
            // What the library throws at a file from a stranger says nothing to whoever opened it.
            LOG.debug("{} cannot be read", file, e);
            return Result.refused(name + " is damaged or is no workbook. Save it again as .xlsx or as CSV and open that.");
        }
    }

    /** Numbers as they are stored: the shortest decimal that reads back the same; dates as year-month-day. */
    private static final class StoredValues extends DataFormatter {
        StoredValues() {
            super(Locale.ROOT);
        }

        @Override
        public String formatRawCellContents(double value, int formatIndex, String formatString) {
            if (DateUtil.isADateFormat(formatIndex, formatString) && DateUtil.isValidExcelDate(value)) {
                return DateUtil.getLocalDateTime(value).toLocalDate().toString();
            }
            return StoredNumber.of(value);
        }
    }

    /** Puts what the parser finds into the rows. */
    private record Cells(SheetRows rows) implements XSSFSheetXMLHandler.SheetContentsHandler {
        @Override
        public void startRow(int row) {
            // Rows are told by their cells.
        }

        @Override
        public void endRow(int row) {
            // Rows are told by their cells.
        }

        @Override
        public void cell(String reference, String value, XSSFComment comment) {
            if (reference != null && value != null) {
                CellReference at = new CellReference(reference);
                rows.put(at.getRow(), at.getCol(), value);
            }
        }
    }
}
