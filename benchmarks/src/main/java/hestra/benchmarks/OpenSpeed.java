package hestra.benchmarks;

import java.io.IOException;
import java.io.PrintStream;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import hestra.data.DataTable;
import hestra.documents.file.Progress;
import hestra.documents.file.Result;
import hestra.documents.table.DataFile;
import hestra.documents.table.DelimitedText;
import hestra.numbers.DecimalMark;

/**
 * Opens a CSV of a million rows of two numbers, from the file to the table, and reads the same file barely: record by record
 * with the same library, each field parsed as a double and nothing kept. The two take turns; their medians are compared. Measured
 * values, which come up again and again; values of which no two are alike; and measured ones of which one in a thousand is
 * missing and says so.
 */
public final class OpenSpeed {

    private static final int ROWS = 1_000_000;
    private static final int TURNS = 9;
    private static final double MILLISECOND = 1e6;

    private OpenSpeed() {}

    /** What stands in the second column. */
    private enum Values {
        MEASURED {
            @Override
            String text(int row, Random random) {
                return Double.toString(Math.round(random.nextGaussian() * 1000 + 5000) / 100.0);
            }
        },
        ALL_DIFFERENT {
            @Override
            String text(int row, Random random) {
                return String.format(Locale.ROOT, "%.10f", random.nextDouble());
            }
        },
        WITH_MISSING {
            @Override
            String text(int row, Random random) {
                return row % 1000 == 999 ? "NA" : MEASURED.text(row, random);
            }
        };

        abstract String text(int row, Random random);
    }

    public static void main(String[] arguments) throws Exception {
        for (Values values : Values.values()) {
            compare(values);
        }
    }

    private static void compare(Values values) throws Exception {
        Path file = Files.createTempFile("hestra-million", ".csv");
        try {
            write(file, values);
            double[] bare = new double[TURNS];
            double[] opened = new double[TURNS];
            for (int turn = 0; turn < TURNS; turn++) {
                bare[turn] = timed(() -> bare(file));
                opened[turn] = timed(() -> (double) open(file).size());
            }
            PrintStream out = System.out;
            out.printf("%s: bare reading %.0f ms, opening %.0f ms, ratio %.2f; greatest heap %d MB%n", values.name()
                    .toLowerCase(Locale.ROOT).replace('_', ' '), Times.median(bare), Times.median(opened),
                    Times.median(opened) / Times.median(bare),
                    Runtime.getRuntime().maxMemory() >> 20);
        } finally {
            Files.delete(file);
        }
    }

    private static void write(Path file, Values values) throws IOException {
        Random random = new Random(1);
        try (Writer out = Files.newBufferedWriter(file)) {
            out.write("days,length\n");
            for (int i = 0; i < ROWS; i++) {
                out.write(i % 4000 / 10.0 + "," + values.text(i, random) + "\n");
            }
        }
    }

    private static double bare(Path file) throws IOException {
        double sum = 0;
        boolean first = true;
        try (CsvReader<CsvRecord> csv = CsvReader.builder().ofCsvRecord(file)) {
            for (CsvRecord line : csv) {
                if (first) {
                    first = false;
                } else {
                    sum += Double.parseDouble(line.getField(0));
                    String second = line.getField(1);
                    sum += second.equals("NA") ? 0 : Double.parseDouble(second);
                }
            }
        }
        return sum;
    }

    private static DataTable open(Path file) {
        return switch (DataFile.take(file, DecimalMark.POINT, Progress.UNWATCHED)) {
            case Result.Refused<DataFile.Taken>(String message) -> throw new IllegalStateException(message);
            case Result.Done<DataFile.Taken>(DataFile.Taken taken) ->
                    DelimitedText.table(taken.first().block(), List.of(), DecimalMark.POINT);
        };
    }

    private static double timed(Callable<Double> work) throws Exception {
        long start = System.nanoTime();
        double result = work.call();
        double taken = (System.nanoTime() - start) / MILLISECOND;
        if (!(result > 0)) {
            throw new IllegalStateException("nothing was read");
        }
        return taken;
    }
}
