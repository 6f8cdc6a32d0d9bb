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

    private static final int STILL_OTHERWISE = 3;

    private record Data(Topic topic, Map<Aspect.About, Facts> facts) {}

    private record Line(String topic, String about, String sentence, Set<String> missing, Set<String> disputable) {}

    private static final Map<String, Data> TOPICS = Map.of(
            "blot", new Data(Topic.of(new Variable("height", "height of the pen", "cm"),
                    new Variable("diameter", "diameter of the blot", "mm"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(0.288, 0, false), Aspect.About.INTERCEPT, new Facts(1.2, 0, false),
                            Aspect.About.R, new Facts(0.98, 0, false), Aspect.About.R_SQUARED, new Facts(0.96, 0, false),
                            Aspect.About.S, new Facts(0.35, 0, false), Aspect.About.PREDICTION, new Facts(4.656, 12, true),
                                    Aspect.About.P, new Facts(0.0023, 0, false))),
            "limpet", new Data(new Topic(new Variable("exposure", "wave exposure index", ""),
                    new Variable("height", "shell height", "mm"), List.of("exposed"), List.of("limpet"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(-0.271, 0, false), Aspect.About.R, new Facts(-0.767, 0, false),
                            Aspect.About.R_SQUARED, new Facts(0.588, 0, false))),
            "kelp", new Data(Topic.of(new Variable("days", "time since settling", "days"),
                    new Variable("length", "blade length", "cm"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(0.8323, 0, true), Aspect.About.INTERCEPT, new Facts(2.05, 0, true),
                            Aspect.About.PREDICTION, new Facts(51.99, 60, false))),
            "flask", new Data(Topic.of(new Variable("minutes", "time since filling", "min"),
                    new Variable("excess", "temperature above the room", "°C"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(-1.25, 0, true))),
            "crab", new Data(new Topic(new Variable("width", "carapace width", "mm"), new Variable("mass", "claw mass", "g"),
                    List.of("carapace"), List.of("claw", "weight"), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(0.288, 0, false), Aspect.About.R_SQUARED, new Facts(0.888, 0, false))),
            "gull", new Data(Topic.of(new Variable("passengers", "passengers of the noon ferry", ""),
                    new Variable("gulls", "gulls on the pier", ""), DecimalMark.POINT),
                    Map.of(Aspect.About.SLOPE, new Facts(0.06, 0, false), Aspect.About.R, new Facts(0.17, 0, false),
                            Aspect.About.R_SQUARED, new Facts(0.03, 0, false), Aspect.About.P, new Facts(0.41, 0, false))));

    private static List<Line> corpus() throws IOException {
        try (InputStream in = Objects.requireNonNull(SentencesTest.class.getResourceAsStream("sentences.txt"))) {
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
        return new SentenceJudge(about(line.about), data.facts.get(about(line.about)), data.topic, WordList.ENGLISH, Set.of())
                .judge(line.sentence, 6).parts().stream()
                .filter(part -> part.outcome() != Outcome.RIGHT).map(Verdict.Part::name).toList();
    }

    @Test
    void nearlyAllIsFoundAsWantedAndNoGoodSentenceIsAccused() throws IOException {
        List<Line> lines = corpus();
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
        assertThat(lines).hasSizeGreaterThanOrEqualTo(200);
        assertThat(accused).as("good sentences that are accused").isEmpty();
        // The bar is three in a hundred; what has been reached is held, so that a single rule that breaks is seen.
        assertThat(otherwise).as("others, of " + lines.size()).hasSizeLessThanOrEqualTo(STILL_OTHERWISE);
    }
}
