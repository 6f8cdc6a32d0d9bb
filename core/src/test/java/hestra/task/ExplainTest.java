package hestra.task;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

import hestra.Kelp;
import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.sentences.Aspect;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What a sentence is looked at for is the author's: names, checks, words, and a good sentence. */
class ExplainTest {

    private static final Truth KELP = Kelp.truth(Kelp.exercise());

    private static Explain of(Explaining how) {
        return new Explain(Terms.of("say", "Say it", "Say it.", 6)).with(how);
    }

    private static Verdict judge(Explaining how, String text) {
        return of(how).judge(new Attempt(new Answer.Sentence(text), Set.of()), KELP);
    }

    private static List<String> missing(Explaining how, String text) {
        return judge(how, text).parts().stream().filter(it -> it.outcome() != Outcome.RIGHT).map(Verdict.Part::name).toList();
    }

    @Test
    void otherNamesCount() {
        String it = "On average it gains 0.52 cm each day.";
        assertThat(missing(Explaining.SLOPE, it)).containsExactly("both variables");
        assertThat(missing(Explaining.SLOPE.withYNames(List.of("it")), it)).isEmpty();
    }

    @Test
    void aCheckThatIsSwitchedOffIsNotMade() {
        String flat = "The blade grows 0.52 cm each day.";
        assertThat(missing(Explaining.SLOPE, flat)).containsExactly("prediction");
        assertThat(judge(Explaining.SLOPE.without(Set.of(Aspect.PREDICTION)), flat).earned()).isEqualTo(6);
    }

    @Test
    void wordsOfTheAuthorsOwnAreLookedFor() {
        String swells = "On average the blade has a bloom of 0.52 cm each day.";
        assertThat(missing(Explaining.SLOPE, swells)).containsExactly("direction");
        assertThat(missing(Explaining.SLOPE.withWords("up: bloom*"), swells)).isEmpty();
        assertThat(Explaining.problemWith("upward: balloon*"))
                .hasValueSatisfying(it -> assertThat(it).contains("Line 1").contains("upward").contains("up, down"));
        assertThat(missing(Explaining.SLOPE.withWords("nonsense"), swells)).as("what cannot be read changes nothing")
                .containsExactly("direction");
    }

    @Test
    void aVerbThatIsNotKnownLeavesTheDirectionToTheMarker() {
        Verdict verdict = judge(Explaining.SLOPE, "On average the blade balloons by 0.52 cm each day.");
        assertThat(verdict.parts()).extracting(Verdict.Part::name).doesNotContain("direction").contains("number", "unit");
        assertThat(verdict.isRight()).isTrue();
    }

    @Test
    void whatIsWrongInItselfLeavesHalfOfTheMarksOrWhatTheAuthorSays() {
        String cause = "Each day makes the blade longer by about 0.52 cm.";
        assertThat(missing(Explaining.SLOPE, cause)).containsExactly("no cause");
        assertThat(judge(Explaining.SLOPE, cause).earned()).isEqualTo(3);
        assertThat(judge(Explaining.SLOPE.withLeaves(OptionalDouble.of(0)), cause).earned()).isZero();
        assertThat(judge(Explaining.SLOPE.withLeaves(OptionalDouble.of(1)), cause).earned()).isEqualTo(6 * 5 / 6.0);
        assertThatThrownBy(() -> Explaining.SLOPE.withLeaves(OptionalDouble.of(1.5)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void anotherNumberOfTheDataInItsPlaceIsNamedAndIsNotLeftOutOnly() {
        double intercept = KELP.evidence().value(Quantity.INTERCEPT).orElseThrow();
        String given = String.format(Locale.ROOT, "On average a blade is %.3f cm longer for each day.", intercept);
        Verdict verdict = judge(Explaining.SLOPE, given);
        assertThat(verdict.message()).contains("give the number of the slope: the one given is the intercept");
        assertThat(verdict.earned()).isEqualTo(3);
        Verdict other = judge(Explaining.SLOPE, "On average a blade is 0.777 cm longer for each day.");
        assertThat(other.message()).contains("give the number").doesNotContain("the one given");
        assertThat(other.earned()).isGreaterThan(3);
    }

    @Test
    void theWordsByWhichSomethingWasFoundAreShownToThoseWhoReadIt() {
        String text = "On average, a blade’s length doesn't fall: it grows 0.52cm each day because of the days.";
        Explain task = of(Explaining.SLOPE);
        Map<Aspect, List<String>> found = new EnumMap<>(Aspect.class);
        Explains.passages(task, text, KELP).forEach(it -> found.computeIfAbsent(it.aspect(), _ -> new ArrayList<>())
                .add(text.substring(it.from(), it.to()) + (it.isWrong() ? " (wrong)" : "")));
        assertThat(found.get(Aspect.PREDICTION)).containsExactly("On average");
        assertThat(found.get(Aspect.NUMBER)).containsExactly("0.52cm");
        assertThat(found.get(Aspect.VARIABLES)).contains("length", "days");
        assertThat(found.get(Aspect.DIRECTION)).contains("grows");
        assertThat(found.get(Aspect.NO_CAUSE)).containsExactly("because of (wrong)");
        assertThat(Explains.passages(task, "", KELP)).isEmpty();
    }

    @Test
    void wordsThatWereWrittenShortAreNotLookedForFurtherOn() {
        String text = "The blade doesn't stay: on average it grows 0.52 cm each day, not more, not less.";
        List<String> found = Explains.passages(of(Explaining.SLOPE), text, KELP).stream()
                .map(it -> text.substring(it.from(), it.to())).toList();
        assertThat(found).contains("on average", "grows", "0.52 cm", "day");
    }

    @Test
    void aGoodSentenceIsToldAfterTheLastTry() {
        assertThat(of(Explaining.SLOPE.withModel("On average it grows.")).rightAnswer(KELP)).isEqualTo("On average it grows.");
        assertThat(of(Explaining.SLOPE).rightAnswer(KELP)).isEmpty();
    }

    @Test
    void gapsAreFilledInAndTheSentenceIsReadLikeAnyOther() {
        SentenceFrame frame = SentenceFrame.of(SentenceFrame.usual(Aspect.About.SLOPE));
        assertThat(frame.gaps()).isEqualTo(4);
        String whole = frame.filled(List.of("day", "blade length", "0.52 cm", "more"));
        assertThat(whole.replace("\u2060", ""))
                .isEqualTo("For each further day, the blade length is predicted to be 0.52 cm more than before.");
        assertThat(frame.words(whole)).containsExactly("day", "blade length", "0.52 cm", "more");
        assertThat(frame.words(frame.filled(List.of("day", "", "", "")))).containsExactly("day", "", "", "");
        assertThat(frame.words("something else")).containsExactly("", "", "", "");
        Explaining gapped = Explaining.SLOPE.withFrame(SentenceFrame.usual(Aspect.About.SLOPE));
        assertThat(missing(gapped, whole)).isEmpty();
        assertThat(missing(gapped, frame.filled(List.of("cm", "days", "0.52", "more")))).contains("unit");
        assertThat(of(gapped).unfinished(new Answer.Sentence(frame.filled(List.of("day"))), KELP))
                .hasValue("Fill in every gap first.");
        assertThat(gapped.about(Aspect.About.R_SQUARED).frame()).as("a usual frame goes along")
                .isEqualTo(SentenceFrame.usual(Aspect.About.R_SQUARED));
        assertThat(Explaining.SLOPE.gapped()).isEmpty();
    }

    @Test
    void mistakesInWordsAreRecognised() {
        assertThat(judge(Explaining.SLOPE, "Each day causes the blade to grow by about 0.52 cm.").mistakes())
                .containsExactly(Mistake.CAUSE_CLAIMED);
        assertThat(judge(Explaining.SLOPE, "On average the days grow by 0.52 for each cm of length.").mistakes())
                .contains(Mistake.EXPLAINED_WRONG_WAY);
        assertThat(judge(Explaining.of(Aspect.About.R_SQUARED), "The line by days is 99.6 % accurate for length.").mistakes())
                .contains(Mistake.R_SQUARED_AS_ACCURACY);
    }

    @Test
    void nothingThatIsASentenceCostsNoTry() {
        for (String text : List.of("", "   ", "0.52", "!?", "\u202e")) {
            assertThat(of(Explaining.SLOPE).unfinished(new Answer.Sentence(text), KELP)).isPresent();
        }
        assertThat(judge(Explaining.SLOPE, "blade ".repeat(5000)).outcome()).isNotNull();
    }

    @Test
    void aShareInWordsIsLeftToThePersonWhoReadsIt() {
        String words = "Most of the variation in blade length goes with days.";
        assertThat(judge(Explaining.of(Aspect.About.R_SQUARED), words).parts()).as("99.6 % are most of it")
                .noneMatch(it -> it.outcome() == Outcome.WRONG);
    }
}
