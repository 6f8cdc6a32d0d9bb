package hestra.feedback;

import java.util.List;

import hestra.data.Variable;
import hestra.numbers.DecimalMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

class SlopeSentenceTest {

    private static final Variable DAYS = new Variable("days", "time since settling", "days");
    private static final Variable LENGTH = new Variable("length", "blade length", "cm");
    private static final SlopeSentence GROWTH = SlopeSentence.about(DAYS, LENGTH, 0.8323, DecimalMark.POINT);

    private static List<String> missing(SlopeSentence about, String sentence) {
        return about.judge(sentence, 6).parts().stream().filter(part -> part.outcome() != Outcome.RIGHT).map(Verdict.Part::name).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {
        "On average a blade grows 0.83 cm longer each day.",
        "Each additional day goes with a predicted increase in blade length of 0.8323 cm.",
        "The length is expected to rise by about 0.8 centimetres per day.",
        "A blade is predicted to be 8.3 cm longer after 10 more days.",
        "For every day since settling, blades are on average 0,83 cm longer.",
    })
    void aWholeSentencePasses(String sentence) {
        assertThat(missing(GROWTH, sentence)).as(sentence).isEmpty();
        assertThat(GROWTH.judge(sentence, 6).earned()).isEqualTo(6);
    }

    @Test
    void eachThingLeftOutIsNamed() {
        assertThat(missing(GROWTH, "It grows 0.83 cm per day on average.")).containsExactly("both variables");
        assertThat(missing(GROWTH, "On average the blade grows some cm each day.")).containsExactly("number");
        assertThat(missing(GROWTH, "On average the blade length grows 0.83 each day.")).containsExactly("unit");
        assertThat(missing(GROWTH, "On average the blade length changes 0.83 cm each day.")).containsExactly("direction");
        assertThat(missing(GROWTH, "The blade grows 0.83 cm each day.")).containsExactly("prediction");
        assertThat(missing(GROWTH, "Each day causes the blade to grow 0.83 cm on average.")).containsExactly("no cause");
    }

    @Test
    void aWrongNumberIsNoNumber() {
        assertThat(missing(GROWTH, "On average a blade grows 0.38 cm longer each day.")).containsExactly("number");
        assertThat(missing(GROWTH, "On average a blade grows 1 cm longer each day.")).containsExactly("number");
    }

    @Test
    void aFallingSlopeMustBeSaidToFall() {
        SlopeSentence cooling = SlopeSentence.about(new Variable("minutes", "", "min"), new Variable("warmth", "", "K"), -1.25, DecimalMark.POINT);
        assertThat(missing(cooling, "On average the warmth falls by 1.25 K per minute.")).isEmpty();
        assertThat(missing(cooling, "On average the warmth rises by 1.25 K per minute.")).containsExactly("direction");
    }

    @Test
    void nothingWrittenIsWrong() {
        assertThat(GROWTH.judge("  ", 6).outcome()).isEqualTo(Outcome.WRONG);
    }
}
