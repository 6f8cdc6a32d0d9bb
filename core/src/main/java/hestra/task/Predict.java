package hestra.task;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.feedback.Mistake;
import hestra.feedback.NumberJudge;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.Fit;
import hestra.fit.Prediction;
import hestra.numbers.Rounding;

/**
 * The student predicts y at several x, or x for several y, and says which prediction to trust.
 *
 * @param at the given values, 1 to {@value #MOST} of them
 * @param rounding how predictions are to be rounded
 * @param more by which curve, and how they are to be given; nothing for the line
 * @param asked what is to be given beside the numbers, and how it counts; nothing for a judgement with each
 */
public record Predict(Terms terms, List<Double> at, Rounding rounding, Optional<Asking> more, Optional<Predicting> asked)
        implements Task, AnsweredByText, AsksNumbers, KeepsInStep, RestsOnGiven, UsesCurve {

    /** The most x values asked. */
    public static final int MOST = 12;

    private static final String PROMPT_OF_Y = "Predict {y} at each value. Which predictions would you trust?";
    private static final String PROMPT_OF_X =
            "For which {x} does it predict each of these values? Which answers would you trust?";

    static final Kind KIND = new Kind("predict", "Predict", Kind.Group.NUMBERS, Predict.class, (id, truth) -> new Predict(
            Terms.of(id, "Predict", PROMPT_OF_Y, 6), usual(truth), new Rounding.Places(1)));

    private static final Pattern JUDGED =
            Pattern.compile("[,\\s]*(?:\\b(?:(?:has )?no meaning|meaningless|impossible|none|yes|no|not to be trusted|to be "
            + "trusted|not trusted|don[\u2019']?t trust|don[\u2019']?t|do not "
            + "trust|trusted|trust|inside|outside)\\b|\u2713|\u2717)\\s*\\.?$",
            Pattern.CASE_INSENSITIVE);
    /** An interval behind a number: "(5.2 to 7.0)". */
    private static final Pattern INTERVAL = Pattern.compile("[(\\[]\\s*(?<low>.+?)\\s*(?:\\bto\\b|\u2026|\u2013|\\.\\.\\.?|"
            + "\\band\\b)\\s*(?<high>.+?)\\s*[)\\]]\\s*$", Pattern.CASE_INSENSITIVE);

    /** Predictions by the line. */
    public Predict(Terms terms, List<Double> at, Rounding rounding) {
        this(terms, at, rounding, Optional.empty(), Optional.empty());
    }

    /** What else is said of it. */
    public Asking asking() {
        return more.orElse(Asking.USUAL);
    }

    /** The same with something else said of it. */
    public Predict with(Asking asking) {
        return new Predict(terms, at, rounding, asking.equals(Asking.USUAL) ? Optional.empty() : Optional.of(asking), asked);
    }

    /** What is to be given beside the numbers, and how it counts. */
    public Predicting asks() {
        return asked.orElse(Predicting.USUAL);
    }

    /** The same with something else to be given. */
    public Predict with(Predicting asks) {
        return new Predict(terms, at, rounding, more, asks.equals(Predicting.USUAL) ? Optional.empty() : Optional.of(asks));
    }

    /** The same at other values. */
    public Predict at(List<Double> others) {
        return new Predict(terms, others, rounding, more, asked);
    }

    /** The same rounded otherwise. */
    public Predict with(Rounding other) {
        return new Predict(terms, at, other, more, asked);
    }

    /**
     * The other way round: values of the other variable are proposed with it, and a prompt that was not the author's own changes
     * too.
     */
    public Predict going(Predicting.Way way, Truth truth) {
        boolean ofX = way == Predicting.Way.X_FROM_Y;
        String usual = ofX ? PROMPT_OF_Y : PROMPT_OF_X;
        Predict other = terms.prompt().equals(usual)
                ? new Predict(terms.withPrompt(ofX ? PROMPT_OF_X : PROMPT_OF_Y), at, rounding, more, asked) : this;
        Predict changed = other.with(asks().with(way));
        return way == asks().way() ? this : changed.at(ofX ? usualOfY(truth) : usual(truth));
    }

    /** The level of the intervals. */
    public double level() {
        return asking().level().orElse(Prediction.USUAL_LEVEL);
    }

    private List<PredictedPlace> places(Truth truth) {
        return at.stream().map(it -> new PredictedPlace(this, it, truth)).toList();
    }

    public Predict {
        at = List.copyOf(at);
        if (at.isEmpty() || at.size() > MOST || !at.stream().allMatch(Double::isFinite)) {
            throw new IllegalArgumentException("predict at " + at);
        }
    }

    /** What the line says at those. */
    private static List<Double> usualOfY(Truth truth) {
        return usual(truth).stream().flatMap(x -> truth.evidence().predicted(new Curve.Line(), x).stream().boxed())
                .filter(Double::isFinite).map(it -> new Rounding.Significant(3).apply(it).doubleValue())
                .filter(Double::isFinite).distinct().toList();
    }

    /** Two values among the data and one far outside, rounded to whole steps. */
    private static List<Double> usual(Truth truth) {
        return truth.evidence().fit().line().map(line -> {
            double low = line.support().low();
            double high = line.support().high();
            // So written that data as wide as numbers go have some that are numbers.
            List<Double> all = DoubleStream.of(0.6 * low + 0.4 * high, 0.2 * low + 0.8 * high, 1.5 * high - 0.5 * low)
                    .filter(Double::isFinite).boxed().toList();
            // As few digits as tell them apart: years are not all 2000.
            for (int digits = 2; digits < 15; digits++) {
                Rounding rounding = new Rounding.Significant(digits);
                List<Double> rounded = all.stream().map(it -> rounding.apply(it).doubleValue())
                        .filter(Double::isFinite).distinct().toList();
                if (rounded.size() == all.size() && line.support().contains(rounded.get(0))
                        && line.support().contains(rounded.get(1))) {
                    return rounded;
                }
            }
            return all;
        }).orElse(List.of(10.0, 20.0, 30.0));
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new Predict(other, at, rounding, more, asked);
    }

    @Override
    public Set<Aid> needs() {
        return asking().ofCurve() instanceof Curve.Line ? Set.of(Aid.PREDICTION) : Set.of(Aid.PREDICTION, Aid.CURVES);
    }

    @Override
    public Set<Curve> curves() {
        return Set.of(asking().ofCurve());
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.draft(this, new Predictions(List.of()));
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Predictions;
    }

    /** A number, an interval where one is asked for, and a judgement for each, with semicolons or new lines between. */
    @Override
    public Optional<Answer> typed(String text, Truth truth) {
        List<Predicted> given = new ArrayList<>();
        for (String piece : text.strip().split("\\s*[;\\n]\\s*")) {
            given.add(typed(piece));
        }
        return given.size() > at.size() ? Optional.empty() : Optional.of(new Predictions(given));
    }

    private Predicted typed(String piece) {
        Matcher judged = JUDGED.matcher(piece);
        boolean has = asks().trust() && judged.find();
        String number = (has ? piece.substring(0, judged.start()) : piece).replaceAll("^\\s*(?:at|for)\\s+[^:]*:", "").strip();
        Predicted predicted = new Predicted(number,
                has ? Optional.of(judgement(judged.group().toLowerCase(Locale.ROOT))) : Optional.empty());
        Matcher interval = INTERVAL.matcher(number);
        return asks().band().isPresent() && interval.find()
                ? predicted.with(number.substring(0, interval.start()).strip()).withLow(interval.group("low"))
                .withHigh(interval.group("high")) : predicted;
    }

    private static Trust judgement(String words) {
        return words.matches(".*(?:meaning|impossible|none).*") ? Trust.MEANINGLESS
                : words.matches(".*(?:not|n['\u2019]?t|\\bno\\b|outside|\u2717).*") ? Trust.DOUBTED
                : Trust.TRUSTED;
    }

    @Override
    public String expected(Truth truth) {
        String interval = asks().band().isPresent()
                ? " (" + truth.style().shortest(1.1) + " to " + truth.style().shortest(1.9) + ")" : "";
        return "Give a number for each " + (asks().way() == Predicting.Way.X_FROM_Y ? "y" : "x")
                + (interval.isEmpty() ? "" : ", its interval") + (asks().trust() ? ", and whether to trust it" : "")
                + ", with semicolons between, such as \u201c" + truth.style()
                .shortest(1.5) + interval + (asks().trust() ? " yes" : "") + "; " + truth.style()
                .shortest(2.5) + interval + (asks().trust() ? " no" : "") + "\u201d.";
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Predictions given = answer.as(Predictions.class);
        List<PredictedPlace> places = places(truth);
        return IntStream.range(0, at.size()).mapToObj(i -> places.get(i).unfinished(given.at(i)))
                .flatMap(Optional::stream).findFirst();
    }

    /** The curve whose own equation a prediction may be made from, where that counts. */
    @Override
    public Optional<Curve> carriesOn() {
        return asks().own() == OwnEquation.NOT ? Optional.empty() : Optional.of(asking().ofCurve());
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Predictions given = attempt.answer().as(Predictions.class);
        List<PredictedPlace> all = places(truth);
        List<PredictedPlace> places = IntStream.range(0, at.size())
                .mapToObj(i -> all.get(i).judge(given.at(i), attempt)).toList();
        List<Verdict.Part> parts = places.stream().flatMap(it -> it.parts().stream()).toList();
        List<Mistake> recognised = places.stream().flatMap(it -> it.mistakes().stream()).distinct().toList();
        String notes = PlaceNote.together(places.stream().flatMap(it -> it.notes().stream()).toList());
        long right = parts.stream().filter(part -> part.outcome() == Outcome.RIGHT).count();
        String message = right == parts.size()
                ? (asks().trust() ? "All predictions and judgements are right. " : "All predictions are right. ") + notes
                : right + " of " + parts.size() + " are right. " + notes;
        return Verdict.ofParts(terms.marks(), parts, message.strip()).recognising(recognised);
    }

    @Override
    public Task rounded(Rounding other) {
        return with(other);
    }

    @Override
    public List<NumberJudge> numbers(Truth truth) {
        return places(truth).stream().map(PredictedPlace::number).toList();
    }

    @Override
    public Key key(Truth truth) {
        return truth.evidence().fit(asking().ofCurve()) instanceof Fit.None(String reason) ? Key.missing(reason)
                : Key.of(String.join(" \u00b7 ", places(truth).stream().map(PredictedPlace::key).toList()))
                .recognising(recognised(truth));
    }

    /** Each mistake with what it gives at each place; nothing where it cannot be told from the key. */
    private List<Key.Recognised> recognised(Truth truth) {
        Map<Mistake, List<String>> answers = new LinkedHashMap<>();
        List<PredictedPlace> places = places(truth);
        for (int i = 0; i < at.size(); i++) {
            for (Key.Recognised one : places.get(i).recognised()) {
                List<String> all = answers.computeIfAbsent(one.mistake(),
                        _ -> new ArrayList<>(Collections.nCopies(at.size(), "\u2013")));
                all.set(i, one.answer());
            }
        }
        return answers.entrySet().stream().map(it -> new Key.Recognised(it.getKey(), String.join(" \u00b7 ", it.getValue())))
                .toList();
    }

    @Override
    public String rightAnswer(Truth truth) {
        return truth.evidence().fit(asking().ofCurve()).curveFit().isEmpty()
                ? "" : String.join("; ", places(truth).stream().map(PredictedPlace::rightAnswer).toList());
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Predictions predictions = answer.as(Predictions.class);
        List<PredictedPlace> places = places(truth);
        return IntStream.range(0, at.size()).mapToObj(i -> places.get(i).name() + ": " + inWords(predictions.at(i))).toList();
    }

    private static String inWords(Predicted given) {
        String interval = given.low().isEmpty() && given.high().isEmpty()
                ? "" : " (" + given.low().orElse("\u2013") + " to " + given.high().orElse("\u2013") + ")";
        String judged = given.trusted().map(it -> switch (it) {
            case TRUSTED -> ", trusted";
            case DOUBTED -> ", not trusted";
            case MEANINGLESS -> ", no meaning";
        }).orElse("");
        return (given.text().isBlank() ? "\u2013" : given.text()) + interval + judged;
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        boolean ofX = asks().way() == Predicting.Way.X_FROM_Y;
        Variable given = ofX ? truth.y() : truth.x();
        Variable asked = ofX ? truth.x() : truth.y();
        List<PredictedPlace> places = places(truth);
        List<List<OnPaper.Cell>> lines = new ArrayList<>();
        lines.add(line(given.columnTitle(), at.stream().map(it -> OnPaper.Cell.given(given.shown(it, truth.style()))).toList()));
        lines.add(line(asked.columnTitle(), places.stream().map(it -> OnPaper.Cell.asked(it.numbers())).toList()));
        if (asks().band().isPresent()) {
            lines.add(line("from \u2026 to", places.stream().map(it -> OnPaper.Cell.asked(it.limits())).toList()));
        }
        if (asks().trust()) {
            lines.add(line("trust it?",
                    places.stream().map(it -> OnPaper.Cell.asked(it.thought().answer())).toList()));
        }
        return List.of(new OnPaper.Grid("", lines));
    }

    private static List<OnPaper.Cell> line(String name, List<OnPaper.Cell> cells) {
        return Stream.concat(Stream.of(OnPaper.Cell.heading(name)), cells.stream()).toList();
    }

    /** Places that were the proposed ones are so for other data too. */
    @Override
    public Task inStep(Truth before, Truth now) {
        boolean ofX = asks().way() == Predicting.Way.X_FROM_Y;
        return at.equals(ofX ? usualOfY(before) : usual(before)) ? at(ofX ? usualOfY(now) : usual(now)) : this;
    }
}
