package hestra.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import hestra.desktop.Main;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What {@code fit} says of chance. */
class ChanceCommandTest {

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    @TempDir
    private Path folder;
    private Path file;

    @BeforeEach
    void write() throws IOException {
        file = folder.resolve("ropes.csv");
        Files.writeString(file, "depth,days,flat\n1,1,3\n2,2,3\n3,3,3\n4,4,3\n5,6,3\n6,5,3\n");
    }

    private int fit(Object... arguments) {
        return fitOf("days", arguments);
    }

    private int fitOf(String response, Object... arguments) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        String[] all = Stream.concat(Stream.of("fit", file, "--explanatory", "depth", "--response", response),
                Arrays.stream(arguments)).map(Object::toString).toArray(String[]::new);
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true)).execute(all);
    }

    /** What stands under "chance" in the JSON. */
    private String chance(Object... arguments) {
        assertThat(fit(Stream.concat(Stream.of("--json"), Arrays.stream(arguments)).toArray())).as(err.toString()).isZero();
        return out.toString().substring(out.toString().indexOf("\"chance\""));
    }

    /** The number behind a name. */
    private static double number(String told, String name) {
        Matcher found = Pattern.compile("\"" + name + "\" : \\[? ?([-0-9.E]+)").matcher(told);
        assertThat(found.find()).as(name + " in " + told).isTrue();
        return Double.parseDouble(found.group(1));
    }

    /** Σ d² of the ranks is 2: of the 720 arrangements 1 has 0 and 5 have 2, and as many on the other side: 12 of 720. */
    @Test
    void allArrangementsOfSixPairsAreGoneThrough() {
        String told = chance("--shuffle", 100);
        assertThat(told).contains("\"exact\" : true").contains("\"of\" : \"slope\"");
        assertThat(number(told, "count")).isEqualTo(720);
        assertThat(number(told, "as_far")).isEqualTo(12);
        assertThat(number(told, "share")).isEqualTo(12.0 / 720);
        assertThat(number(told, "centre")).isZero();

        assertThat(fit("--shuffle", 100)).isZero();
        assertThat(out.toString()).contains("All 720 arrangements of the values of days:")
                .contains("12 of 720 gave a slope at least as far from 0 as 0.9429.").contains("p by shuffling  0.0167")
                .contains("p by formula");
    }

    @Test
    void aRunIsMadeAgainByItsNumber() {
        String first = chance("--resample", 500, "--seed", 41, "--of", "predict:3.5", "--level", 0.9);
        assertThat(chance("--resample", 500, "--seed", 41, "--of", "predict:3.5", "--level", 0.9)).isEqualTo(first);
        assertThat(chance("--resample", 500, "--seed", 42, "--of", "predict:3.5", "--level", 0.9)).isNotEqualTo(first);
        assertThat(number(first, "seed")).isEqualTo(41);
        assertThat(first).contains("\"of\" : \"predict:3.5\"");
        // At the mean of x, ŷ is the mean of y, 21 ÷ 6.
        assertThat(number(first, "ours")).isCloseTo(3.5, within(1e-12));
        assertThat(number(first, "ends")).isLessThan(3.5).isGreaterThan(1);
    }

    @Test
    void anUnchosenRunTellsItsNumber() {
        String told = chance("--resample", 200, "--of", "r");
        assertThat(chance("--resample", 200, "--of", "r", "--seed", (long) number(told, "seed"))).isEqualTo(told);
        assertThat(fit("--resample", 20, "--seed", 5)).isZero();
        assertThat(out.toString()).contains("Run 5, 20 draws:").contains("The middle 95 % of the slope: too few draws to say.")
                .contains("The interval by formula: ");
    }

    @Test
    void rHasNoArticleOfItsOwn() {
        assertThat(fit("--resample", 200, "--of", "r", "--seed", 1)).isZero();
        assertThat(out.toString()).contains("The middle 95 % of r: ");
        assertThat(fit("--shuffle", 100, "--of", "r")).isZero();
        assertThat(out.toString()).contains("12 of 720 gave an r at least as far from 0 as ");
    }

    @Test
    void whatIsAskedWronglySaysWhatIsWrong() {
        assertThat(fit("--shuffle", 1_000_000_000)).isEqualTo(2);
        assertThat(err.toString()).contains("--shuffle is 1000000000; it must lie between 1 and 100000.");
        assertThat(fit("--shuffle", 10, "--resample", 10)).isEqualTo(2);
        assertThat(err.toString()).contains("not for both");
        assertThat(fit("--seed", 10)).isEqualTo(2);
        assertThat(err.toString()).contains("belong to --shuffle or --resample");
        assertThat(fit("--shuffle", 10, "--of", "height")).isEqualTo(2);
        assertThat(err.toString()).contains("it is slope, intercept, r, or predict:X");
        assertThat(fit("--shuffle", 10, "--of", "predict:far")).isEqualTo(2);
        assertThat(err.toString()).contains("give a number");
        assertThat(fit("--shuffle", 10, "--of", "r", "--curve", "quadratic")).isEqualTo(2);
        assertThat(err.toString()).contains("has no r to watch");
    }

    @Test
    void whatCannotBePlayedSaysWhy() {
        assertThat(fitOf("flat", "--shuffle", 10)).isEqualTo(1);
        assertThat(err.toString()).startsWith("All values of y are equal");
        assertThat(fit("--shuffle", 10, "--only", "1,2")).isEqualTo(1);
        assertThat(err.toString()).startsWith("Two points are too few");
    }
}
