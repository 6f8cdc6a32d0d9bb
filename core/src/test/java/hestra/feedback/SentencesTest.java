package hestra.feedback;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import hestra.sentences.Aspect;
import hestra.sentences.Facts;
import hestra.sentences.Topic;
import hestra.sentences.WordList;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** A corpus of sentences, each with what must be found: see {@code sentences.txt}. */
class SentencesTest {

    private static final int STILL_OTHERWISE = 6;

    private record Data(Topic topic, Map<Aspect.About, Facts> facts) {}

    private record Line(String topic, String about, String sentence, Set<String> missing, Set<String> disputable) {}

    /** How many of the checks, of the good sentences and of the faulty ones are judged otherwise than wanted. */
    private record Count(int checks, int checksWrong, int good, int accused, int faulty, int passed) {}

    private static final Map<String, Data> TOPICS = Map.ofEntries(
            Map.entry("blot", new Data(Topic.of(new Variable("height", "height of the pen", "cm"),
                    new Variable("diameter", "diameter of the blot", "mm"), DecimalMark.POINT),
                    facts(0.288, false, 1.2, 0.98, 0.96, 0.35, 12, 4.656, true, 0.0023))),
            Map.entry("limpet", new Data(new Topic(new Variable("exposure", "wave exposure index", ""),
                    new Variable("height", "shell height", "mm"), List.of("exposed"), List.of("limpet"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(-0.271, 0, false), Aspect.About.R, new Facts(-0.767, 0, false),
                            Aspect.About.R_SQUARED, new Facts(0.588, 0, false)))),
            Map.entry("kelp", new Data(Topic.of(new Variable("days", "time since settling", "days"),
                    new Variable("length", "blade length", "cm"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(0.8323, 0, true), Aspect.About.INTERCEPT, new Facts(2.05, 0, true),
                            Aspect.About.PREDICTION, new Facts(51.99, 60, false)))),
            Map.entry("flask", new Data(Topic.of(new Variable("minutes", "time since filling", "min"),
                    new Variable("excess", "temperature above the room", "°C"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(-1.25, 0, true)))),
            Map.entry("crab", new Data(new Topic(new Variable("width", "carapace width", "mm"),
                    new Variable("mass", "claw mass", "g"), List.of("carapace"), List.of("claw", "weight"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(0.288, 0, false), Aspect.About.R_SQUARED, new Facts(0.888, 0, false)))),
            Map.entry("gull", new Data(Topic.of(new Variable("passengers", "passengers of the noon ferry", ""),
                    new Variable("gulls", "gulls on the pier", ""), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(0.06, 0, false), Aspect.About.R, new Facts(0.17, 0, false),
                            Aspect.About.R_SQUARED, new Facts(0.03, 0, false), Aspect.About.P, new Facts(0.41, 0, false)))),
            Map.entry("light", new Data(Topic.of(new Variable("depth", "depth below the surface", "m"),
                    new Variable("light", "light that is left", "%"), DecimalMark.POINT),
                    facts(-2.00, false, 84.0, -0.942, 0.887, 4.1, 12, 60.0, true, 0.0004))),
            Map.entry("eggs", new Data(Topic.of(new Variable("price", "price of a tray of eggs", "€"),
                    new Variable("trays", "trays sold", ""), DecimalMark.POINT),
                    facts(-31.5, false, 214, -0.83, 0.689, 12.4, 4, 88, true, 0.003))),
            Map.entry("rope", new Data(Topic.of(new Variable("depth", "depth of the rope", "m"),
                    new Variable("load", "breaking load", "kN"), DecimalMark.POINT),
                    facts(-0.35, false, 22.4, -0.58, 0.336, 1.9, 20, 15.4, false, 0.031))),
            Map.entry("feed", new Data(Topic.of(new Variable("protein", "protein in the feed", "%"),
                    new Variable("gain", "gain in a week", "g"), DecimalMark.POINT),
                    facts(14.2, false, -60, 0.91, 0.828, 18.5, 30, 366, false, 0.0009))),
            Map.entry("queue", new Data(Topic.of(new Variable("customers", "customers in the queue", ""),
                    new Variable("wait", "time waited", "min"), DecimalMark.POINT),
                    facts(2.4, true, 0.6, 0.88, 0.774, 3.1, 9, 22.2, true, 0.00002))),
            Map.entry("trip", new Data(Topic.of(new Variable("distance", "distance travelled", "km"),
                    new Variable("duration", "duration of the trip", "h"), DecimalMark.POINT),
                    facts(0.055, false, 0.9, 0.31, 0.096, 0.42, 40, 3.1, false, 0.35))));

    private static Map<Aspect.About, Facts> facts(double slope, boolean zeroInside, double intercept, double r, double rSquared,
            double s, double at, double predicted, boolean inside, double p) {
        return Map.of(Aspect.About.SLOPE, new Facts(slope, 0, false), Aspect.About.INTERCEPT, new Facts(intercept, 0, zeroInside),
                Aspect.About.R, new Facts(r, 0, false), Aspect.About.R_SQUARED, new Facts(rSquared, 0, false),
                Aspect.About.S, new Facts(s, 0, false), Aspect.About.PREDICTION, new Facts(predicted, at, inside),
                Aspect.About.P, new Facts(p, 0, false));
    }

    private static List<Line> corpus(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(SentencesTest.class.getResourceAsStream(name))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().filter(it -> !it.startsWith("#")).map(line -> {
                String[] parts = line.split("\\|", -1);
                List<String> names = Stream.of(parts[3].split(",")).map(String::strip).filter(it -> !it.isEmpty()).toList();
                return new Line(parts[0], parts[1], parts[2], Set.copyOf(names.stream().filter(it -> !it.endsWith("?")).toList()),
                        Set.copyOf(names.stream().filter(it -> it.endsWith("?"))
                                .map(it -> it.substring(0, it.length() - 1)).toList()));
            }).toList();
        }
    }

    private static Aspect.About about(String code) {
        return code.equals("residual-standard-error")
                ? Aspect.About.S : Aspect.About.valueOf(code.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    private static List<String> missing(Line line) {
        Data data = TOPICS.get(line.topic);
        return new SentenceJudge(about(line.about), data.facts.get(about(line.about)), data.topic, WordList.ENGLISH, Set.of(),
                SentenceJudge.HALF)
                .judge(line.sentence, 6).parts().stream()
                .filter(part -> part.outcome() != Outcome.RIGHT).map(Verdict.Part::name).toList();
    }

    private static Count count(List<Line> lines) {
        int checks = 0;
        int checksWrong = 0;
        int good = 0;
        int accused = 0;
        int faulty = 0;
        int passed = 0;
        for (Line line : lines) {
            Set<String> found = Set.copyOf(missing(line));
            checks += about(line.about).aspects().size();
            checksWrong += (int) Stream.concat(line.missing.stream().filter(it -> !found.contains(it)),
                    found.stream().filter(it -> !line.missing.contains(it) && !line.disputable.contains(it))).count();
            if (line.missing.isEmpty()) {
                good++;
                accused += line.disputable.containsAll(found) ? 0 : 1;
            } else {
                faulty++;
                passed += found.stream().noneMatch(line.missing::contains) ? 1 : 0;
            }
        }
        return new Count(checks, checksWrong, good, accused, faulty, passed);
    }

    @Test
    void nearlyAllIsFoundAsWantedAndNoGoodSentenceIsAccused() throws IOException {
        List<Line> lines = corpus("sentences.txt");
        List<String> accused = new ArrayList<>();
        List<String> otherwise = new ArrayList<>();
        for (Line line : lines) {
            Set<String> found = Set.copyOf(missing(line));
            boolean asWanted = found.containsAll(line.missing)
                    && found.stream().allMatch(it -> line.missing.contains(it) || line.disputable.contains(it));
            if (!asWanted) {
                (line.missing.isEmpty() ? accused : otherwise)
                        .add(line.topic + ", " + line.about + ": " + line.sentence + " WANTED " + line.missing + " FOUND "
                                + found);
            }
        }
        assertThat(lines).hasSizeGreaterThanOrEqualTo(2000);
        assertThat(accused).as("good sentences that are accused").isEmpty();
        // The bar is three in a hundred; what has been reached is held, so that a single rule that breaks is seen.
        assertThat(otherwise).as("others, of " + lines.size()).hasSizeLessThanOrEqualTo(STILL_OTHERWISE);
    }

    @Test
    void sentencesKeptAsideAreJudgedAsWell() throws IOException {
        Count count = count(corpus("sentences-aside.txt"));
        assertThat(count.accused).as("good sentences accused: %s", count).isLessThanOrEqualTo(count.good / 100);
        assertThat(count.passed).as("faulty sentences passed: %s", count).isLessThanOrEqualTo(count.faulty / 20);
        assertThat(count.checksWrong).as("checks otherwise: %s", count).isLessThanOrEqualTo(count.checks * 3 / 100);
    }
}
