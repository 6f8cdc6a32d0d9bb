package hestra.sentences;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;

/** Finds the words of a text by which something was found in it. */
final class Passages {

    private final Said said;
    private final Optional<Amount> number;

    /**
     * Looks in a text.
     *
     * @param said the text
     * @param number the amount that is the number asked for, where there is one
     */
    Passages(Said said, Optional<Amount> number) {
        this.said = said;
        this.number = number;
    }

    /** The passages of what is there, and of a cause that is claimed; of several at one place the first. */
    List<Passage> of(List<Rubric.Finding> findings) {
        List<Passage> all = new ArrayList<>();
        for (Rubric.Finding finding : findings) {
            boolean is = finding.found() == Rubric.Found.YES;
            if (is != (finding.aspect() == Aspect.NO_CAUSE)) {
                add(all, finding.aspect(), !is);
            }
        }
        all.sort(Comparator.comparingInt(Passage::from));
        return List.copyOf(all);
    }

    private void add(List<Passage> all, Aspect aspect, boolean isWrong) {
        IntUnaryOperator length = length(aspect);
        for (int i = 0; i < said.size();) {
            int words = length.applyAsInt(i);
            if (words > 0) {
                Token first = said.token(i);
                Token last = said.token(Math.min(said.size(), i + words) - 1);
                boolean free = first.from() >= 0 && last.to() > first.from()
                        && all.stream().noneMatch(it -> it.from() < last.to() && first.from() < it.to());
                if (free) {
                    all.add(new Passage(first.from(), last.to(), aspect, isWrong));
                }
            }
            i += Math.max(1, words);
        }
    }

    /** How many words from a place on are what something was found by; 0 for none. */
    private IntUnaryOperator length(Aspect aspect) {
        return switch (aspect) {
            case VARIABLES -> at -> said.isCalled(at, true) ? 1 : 0;
            case RESPONSE -> at -> said.isCalled(at, false) ? 1 : 0;
            case NUMBER -> at -> number.filter(it -> it.from() == at).map(it -> it.to() - it.from()).orElse(0);
            case UNIT, PLACE -> at -> said.amounts().stream()
                    .filter(it -> it.from() == at && it.unit().isPresent()).mapToInt(it -> it.to() - it.from())
                    .findFirst().orElse(0);
            case SHARE -> at -> said.amounts().stream().filter(it -> it.from() == at).mapToInt(it -> it.to() - it.from())
                    .findFirst().orElse(0);
            case DIRECTION -> any(Sense.UP, Sense.DOWN, Sense.POSITIVE, Sense.NEGATIVE);
            case STRENGTH -> any(Sense.STRONG, Sense.MODERATE, Sense.WEAK);
            case LINEAR -> any(Sense.LINEAR);
            case VARIATION, OF_RESPONSE -> any(Sense.VARIATION);
            case GOES_WITH -> any(Sense.EXPLAINED);
            case AT_ZERO -> any(Sense.ZERO);
            case MEANING, REACH -> any(Sense.BEYOND, Sense.INSIDE, Sense.MEANINGLESS, Sense.MEASURED);
            case TYPICAL -> any(Sense.TYPICAL);
            case DISTANCE -> any(Sense.DISTANCE);
            case PREDICTION -> any(Sense.AVERAGE);
            case CHANCE -> any(Sense.CHANCE);
            case IF_NONE -> any(Sense.NO_RELATION);
            case AS_FAR -> any(Sense.AS_FAR);
            case DECISION, DECISION_WAY -> any(Sense.AGAINST, Sense.COMPATIBLE, Sense.SHOWN);
            case NO_CAUSE -> any(Sense.CAUSE);
            case SENTENCE, STATED, WAY_ROUND, NOT_OF_POINTS, NOT_ACCURACY, NOT_OF_NONE -> _ -> 0;
        };
    }

    private IntUnaryOperator any(Sense... senses) {
        return at -> {
            int longest = 0;
            for (Sense sense : senses) {
                longest = Math.max(longest, said.length(sense, at));
            }
            return longest;
        };
    }
}
