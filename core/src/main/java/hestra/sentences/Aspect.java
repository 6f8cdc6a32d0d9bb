package hestra.sentences;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import hestra.units.UnitReader;

/** One thing that a sentence is to say, as far as a program can be sure of it. */
public enum Aspect {
    SENTENCE("sentence", "write it as a sentence, not as a list of words"),
    STATED("stated", "say what is so: this denies or doubts the whole of it"),
    VARIABLES("both variables", "name both variables"),
    RESPONSE("response", "say what it is a value of: {y}"),
    WAY_ROUND("which for which", "say how {y} changes for one more {x.unit1}, not the other way round"),
    NUMBER("number", "give the number"),
    UNIT("unit", "give the unit{unit}"),
    DIRECTION("direction", "say which way it goes"),
    STRENGTH("strength", "say how strong it is"),
    LINEAR("straight line", "say that it is about a straight line"),
    SHARE("share", "give the share, as a part or in percent"),
    VARIATION("variation", "say that it is a share of the variation"),
    OF_RESPONSE("variation of the response", "say whose variation it is: that of {y}"),
    GOES_WITH("goes with the other", "say that this part goes with {x}"),
    NOT_OF_POINTS("not of the points", "it is no share of the points or of the time: it is a share of the variation"),
    NOT_ACCURACY("not how often right", "it does not say how accurate or how often right something is"),
    AT_ZERO("at zero", "say that it holds when {x} is 0"),
    MEANING("meaning at zero", "say whether that means anything: 0 lies outside the data"),
    PLACE("at which value", "say at which {x} it holds"),
    REACH("inside or beyond the data", "say whether that lies inside the data or beyond them"),
    TYPICAL("typical", "say that it is typical, not what every case does"),
    DISTANCE("distance", "say that it is how far the points lie from the line"),
    PREDICTION("prediction", "say that it is an average or a prediction, not what every case does"),
    CHANCE("chance", "say that it is a chance"),
    IF_NONE("if there were no relation", "say that it holds if there were no relation between the two"),
    AS_FAR("of a slope like this", "say of what it is the chance: of a slope at least this far from 0"),
    NOT_OF_NONE("not the chance of no relation",
            "it is not the chance that there is no relation: it is worked out as if there were none"),
    DECISION("decision", "say what follows: do the data speak against no relation, or could there be none"),
    DECISION_WAY("decision the right way",
            "turn the decision round: a small p speaks against no relation, a large one leaves it possible"),
    NO_CAUSE("no cause", "claim no cause: the data show that the two go together, not why");

    private static final Set<Aspect> MISCONCEPTIONS =
            EnumSet.of(STATED, WAY_ROUND, NOT_OF_POINTS, NOT_ACCURACY, NOT_OF_NONE, DECISION_WAY, NO_CAUSE);

    private final String words;
    private final String todo;

    Aspect(String words, String todo) {
        this.words = words;
        this.todo = todo;
    }

    /** Whether what fails here is wrong in itself, and not only left out. */
    public boolean isMisconception() {
        return MISCONCEPTIONS.contains(this);
    }

    /** A few words for it. */
    public String inWords() {
        return words;
    }

    /** What to do where it is missing, about these variables. */
    String todo(Topic topic) {
        String unitOfX = UnitReader.stem(topic.x().unit());
        String unit = topic.y().unit().isEmpty() ? "" : topic.x().unit().isEmpty() ? ", " + topic.y().unit() : "";
        return todo.replace("{unit}", unit).replace("{x.unit1}", topic.x().unit().isEmpty() ? topic.x().name()
                : topic.x().unit().length() > 3 ? unitOfX
                : topic.x().unit())
                .replace("{x}", topic.x().described()).replace("{y}", topic.y().described());
    }

    /** What a sentence can be about. */
    public enum About {
        SLOPE("slope", SENTENCE, STATED, VARIABLES, WAY_ROUND, NUMBER, UNIT, DIRECTION, Aspect.PREDICTION, NO_CAUSE),
        INTERCEPT("intercept", SENTENCE, STATED, RESPONSE, NUMBER, UNIT, AT_ZERO, MEANING, Aspect.PREDICTION),
        R("correlation r", SENTENCE, STATED, VARIABLES, DIRECTION, STRENGTH, LINEAR, NO_CAUSE),
        R_SQUARED("R\u00b2", SENTENCE, STATED, SHARE, VARIATION, OF_RESPONSE, GOES_WITH, NOT_OF_POINTS, NOT_ACCURACY, NO_CAUSE),
        S("residual standard error s", SENTENCE, STATED, NUMBER, UNIT, TYPICAL, DISTANCE),
        PREDICTION("prediction", SENTENCE, STATED, RESPONSE, NUMBER, UNIT, PLACE, Aspect.PREDICTION, REACH),
        P("p of the slope", SENTENCE, NUMBER, CHANCE, IF_NONE, AS_FAR, NOT_OF_NONE, DECISION, DECISION_WAY);

        private final String words;
        private final List<Aspect> aspects;

        About(String words, Aspect... aspects) {
            this.words = words;
            this.aspects = List.of(aspects);
        }

        public String inWords() {
            return words;
        }

        /** What is looked at, in this order. */
        public List<Aspect> aspects() {
            return aspects;
        }
    }

    /** All but the one that is looked at in every sentence whatever it is about. */
    public static List<Aspect> switchable(About about) {
        return Stream.of(values()).filter(it -> about.aspects().contains(it) && it != SENTENCE && it != STATED).toList();
    }
}
