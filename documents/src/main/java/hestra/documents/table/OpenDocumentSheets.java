package hestra.documents.table;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

import hestra.documents.file.FileReading;
import hestra.documents.file.Result;

/**
 * The sheets of an OpenDocument spreadsheet (.ods), read as a stream within bounds: such files say "this row a million
 * times" in a few bytes, so repetitions are counted before they are believed. Formulas are read as their stored values.
 */
final class OpenDocumentSheets {

    private static final String CONTENT = "content.xml";
    private static final long MOST_BYTES = 256L * 1024 * 1024;

    private static final int LONGEST_GAP = 100;

    private OpenDocumentSheets() {}

    static Result<List<DataFile.Part>> read(Path file) {
        String name = FileReading.name(file);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            ZipEntry content = zip.getEntry(CONTENT);
            if (content == null) {
                return Result.refused(name + " is no OpenDocument spreadsheet.");
            }
            try (InputStream in = new Bounded(zip.getInputStream(content))) {
                List<DataFile.Part> parts = sheets(in);
                return parts.isEmpty() ? Result.refused(name + " has nothing in it.") : Result.done(parts);
            }
        } catch (SheetRows.TooLarge e) {
            return Result.refused(name + " was not opened: " + e.getMessage() + ". Take a part of it.");
        } catch (IOException | XMLStreamException | IllegalArgumentException e) {
            return Result.refused(name
                    + " is damaged, locked by a password or no spreadsheet. Save it again as .ods or as CSV and open that.");
        }
    }

    private static List<DataFile.Part> sheets(InputStream in) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        // Decoded here: the parser would print a bad byte on the terminal before it says so.
        XMLStreamReader xml = factory.createXMLStreamReader(new InputStreamReader(in, StandardCharsets.UTF_8.newDecoder()));
        List<DataFile.Part> parts = new ArrayList<>();
        SheetRows rows = null;
        SheetRows.Room room = new SheetRows.Room();
        int row = 0;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("table")) {
                rows = new SheetRows(attribute(xml, "name"), room);
                row = 0;
            } else if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("table-row") && rows != null) {
                row = row(xml, rows, row);
            } else if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("table") && rows != null) {
                if (!rows.isEmpty()) {
                    parts.add(rows.part());
                }
                rows = null;
            }
        }
        return List.copyOf(parts);
    }

    /** Reads a row to its end, as often as it is repeated; gives the index of the next. */
    private static int row(XMLStreamReader xml, SheetRows rows, int first) throws XMLStreamException {
        int repeated = repeated(xml, "number-rows-repeated");
        int column = 0;
        boolean filled = false;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("table-row")) {
                break;
            }
            if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().endsWith("table-cell")) {
                int times = repeated(xml, "number-columns-repeated");
                String text = cell(xml);
                rows.fill(first, column, repeated, times, text);
                filled |= !text.isEmpty();
                column = Math.addExact(column, times);
            }
        }
        return filled || repeated < Integer.MAX_VALUE - first ? first + repeated : first;
    }

    /** The cell's stored number or date, else its text; reads to the cell's end. */
    private static String cell(XMLStreamReader xml) throws XMLStreamException {
        String kind = attribute(xml, "value-type");
        String stored = switch (kind) {
            case "float", "percentage", "currency" -> StoredNumber.of(attribute(xml, "value"));
            case "date" -> attribute(xml, "date-value").replaceFirst("T.*", "");
            default -> "";
        };
        StringBuilder text = new StringBuilder();
        int depth = 1;
        while (depth > 0 && xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                depth++;
                switch (xml.getLocalName()) {
                    // Notes on a cell are not its contents.
                    case "annotation" -> {
                        skip(xml);
                        depth--;
                    }
                    // Spaces are elements in this format, with a count.
                    case "s" -> text.append(" ".repeat(Math.min(LONGEST_GAP, repeated(xml, "c"))));
                    case "tab", "line-break" -> text.append(' ');
                    case "p" -> text.append(text.isEmpty() ? "" : " ");
                    default -> { }
                }
                if (text.length() > SheetRows.LONGEST_CELL) {
                    throw new SheetRows.TooLarge("a cell holds more than " + SheetRows.LONGEST_CELL + " letters");
                }
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
            } else if (event == XMLStreamConstants.CHARACTERS) {
                text.append(xml.getText());
            }
        }
        return stored.isEmpty() ? text.toString().strip() : stored;
    }

    private static void skip(XMLStreamReader xml) throws XMLStreamException {
        int depth = 1;
        while (depth > 0 && xml.hasNext()) {
            int event = xml.next();
            depth += event == XMLStreamConstants.START_ELEMENT ? 1 : event == XMLStreamConstants.END_ELEMENT ? -1 : 0;
        }
    }

    private static int repeated(XMLStreamReader xml, String attribute) {
        String text = attribute(xml, attribute);
        return text.isEmpty() ? 1 : Math.max(1, Integer.parseInt(text));
    }

    private static String attribute(XMLStreamReader xml, String name) {
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            if (xml.getAttributeLocalName(i).equals(name)) {
                return xml.getAttributeValue(i);
            }
        }
        return "";
    }

    /** Gives up on a stream that unpacks to more than is believed of a spreadsheet. */
    private static final class Bounded extends FilterInputStream {
        private long left = MOST_BYTES;

        Bounded(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int read = super.read();
            count(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = super.read(bytes, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int bytes) throws IOException {
            left -= bytes;
            if (left < 0) {
                throw new IOException("unpacks to more than 256 MB");
            }
        }
    }
}
