package hestra.task;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import hestra.feedback.Evidence;
import hestra.feedback.Mistake;
import hestra.feedback.NumberJudge;
import hestra.feedback.Outcome;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.fit.Fit;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/**
 * The student predicts y at several x and says which prediction to trust.
 *
 * @param at the x values, 1 to {@value #MOST} of them
 * @param rounding how predictions are to be rounded
 * @param more by which curve, and how they are to be given; nothing for the line
 */
public record Predict(Terms terms, List<Double> at, Rounding rounding, Optional<Asking> more) implements Task {

    /** The most x values asked. */
    public static final int MOST = 12;

    static final Kind KIND = new Kind("predict", "Predict", Predict.class, (id, truth) -> new Predict(
            Terms.of(id, "Predict", "Predict {y} at each value. Which predictions would you trust?", 6), usual(truth), new Rounding.Places(1)));

    private static final Pattern JUDGED = Pattern.compile("[,\\s]*(?:\\b(?:yes|no|not to be trusted|to be trusted|not trusted|don'?t trust|do not trust|trusted|trust|inside|outside)\\b|\u2713|\u2717)\\s*\\.?$", Pattern.CASE_INSENSITIVE);

    /** Predictions by the line. */
    public Predict(Terms terms, List<Double> at, Rounding rounding) {
        this(terms, at, rounding, Optional.empty());
    }

    /** What else is said of it. */
    public Asking asking() {
        return more.orElse(Asking.USUAL);
    }

    /** The same with something else said of it. */
    public Predict with(Asking asking) {
        return new Predict(terms, at, rounding, asking.equals(Asking.USUAL) ? Optional.empty() : Optional.of(asking));
    }

    private Sought sought(double x) {
        return new Sought.Prediction(x, asking().ofCurve());
    }

    public Predict {
        at = List.copyOf(at);
        if (at.isEmpty() || at.size() > MOST || !at.stream().allMatch(Double::isFinite)) {
            throw new IllegalArgumentException("predict at " + at);
        }
    }

    /** Two values among the data and one far outside, rounded to whole steps. */
    private static List<Double> usual(Truth truth) {
        return truth.evidence().fit().line().map(line -> {
            double low = line.support().low();
            double span = line.support().high() - low;
            List<Double> all = List.of(low + 0.4 * span, low + 0.8 * span, low + 1.5 * span);
            // As few digits as tell them apart: years are not all 2000.
            for (int digits = 2; digits < 15; digits++) {
                Rounding rounding = new Rounding.Significant(digits);
                List<Double> rounded = all.stream().map(it -> rounding.apply(it).doubleValue()).distinct().toList();
                if (rounded.size() == all.size() && line.support().contains(rounded.get(0)) && line.support().contains(rounded.get(1))) {
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
        return new Predict(other, at, rounding, more);
    }

    @Override
    public Set<Aid> needs() {
        return asking().ofCurve() instanceof Curve.Line ? Set.of(Aid.PREDICTION) : Set.of(Aid.PREDICTION, Aid.CURVES);
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.draft(this, new Answer.Predictions(List.of()));
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.Predictions;
    }

    @Override
    public boolean isTyped() {
        return true;
    }

    /** A number and a judgement for each x, with semicolons or new lines between. */
    @Override
    public Optional<Answer> typed(String text, Truth truth) {
        List<Answer.Predicted> given = new ArrayList<>();
        for (String piece : text.strip().split("\\s*[;\\n]\\s*")) {
            Matcher judged = JUDGED.matcher(piece);
            boolean has = judged.find();
            String number = (has ? piece.substring(0, judged.start()) : piece).replaceAll("^\\s*at\\s+[^:]*:", "").strip();
            Optional<Boolean> trusted = has ? Optional.of(!judged.group().toLowerCase(Locale.ROOT).matches(".*(?:not|n't|don|no|outside|\u2717).*")) : Optional.empty();
            given.add(new Answer.Predicted(number, trusted));
        }
        return given.size() > at.size() ? Optional.empty() : Optional.of(new Answer.Predictions(given));
    }

    @Override
    public String expected(Truth truth) {
        return "Give a number for each x, and whether to trust it, with semicolons between, such as \u201c" + truth.style().shortest(1.5) + " yes; " + truth.style().shortest(2.5) + " no\u201d.";
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Answer.Predictions given = answer.as(Answer.Predictions.class);
        for (int i = 0; i < at.size(); i++) {
            Optional<String> problem = NumberAnswer.unfinished(given.at(i).text(), truth, sought(at.get(i)), rounding, "type a number.");
            if (problem.isPresent() || given.at(i).trusted().isEmpty()) {
                return Optional.of("At " + shortest(at.get(i)) + ": " + problem.orElse("say whether you would trust the prediction."));
            }
        }
        return Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Answer.Predictions given = attempt.answer().as(Answer.Predictions.class);
        List<Evidence> accepted = Stream.concat(truth.accepted(attempt).stream(), truth.kept(attempt).stream()).toList();
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        List<Mistake> recognised = new ArrayList<>();
        for (int i = 0; i < at.size(); i++) {
            double x = at.get(i);
            Answer.Predicted predicted = given.at(i);
            String name = "at " + shortest(x);
            NumberJudge judge = new NumberJudge(truth.asked(sought(x), asking().how(rounding), attempt));
            NumberJudge.Finding finding = NumberReading.ofAnswer(predicted.text(), truth.mark()) instanceof NumberReading.Value typed
                    ? judge.judge(typed) : NumberJudge.Finding.unexplained();
            Outcome outcome = finding.outcome();
            parts.add(new Verdict.Part(name, outcome, finding.mistakes().isEmpty() ? "" : judge.say(finding)));
            if (!finding.mistakes().isEmpty()) {
                notes.add(name + ": " + judge.say(finding));
                finding.mistakes().stream().filter(it -> !recognised.contains(it)).forEach(recognised::add);
            }
            if (finding.mistakes().isEmpty() && outcome != Outcome.RIGHT) {
                notes.add(name + ": this is not what the " + curveInWords() + " predicts.");
            }
            parts.add(trust(name, x, predicted, accepted, notes, recognised));
        }
        long right = parts.stream().filter(part -> part.outcome() == Outcome.RIGHT).count();
        String message = right == parts.size() ? "All predictions and judgements are right."
                : right + " of " + parts.size() + " are right. " + String.join(" ", notes);
        return Verdict.ofParts(terms.marks(), parts, message.strip()).recognising(recognised);
    }

    private Verdict.Part trust(String name, double x, Answer.Predicted predicted, List<Evidence> accepted, List<String> notes, List<Mistake> recognised) {
        boolean inside = accepted.stream().anyMatch(data -> data.supports(asking().ofCurve(), x));
        boolean right = predicted.trusted().filter(trusted -> trusted == inside).isPresent();
        if (!right && predicted.trusted().isPresent()) {
            notes.add(name + ": " + (inside
                    ? "this lies among the data, so the " + curveInWords() + " may be trusted here."
                    : "this lies outside the data. Nothing measured says that the " + curveInWords() + " goes on like this."));
            Mistake mistake = inside ? Mistake.INTERPOLATION_MISTRUSTED : Mistake.EXTRAPOLATION_TRUSTED;
            if (!recognised.contains(mistake)) {
                recognised.add(mistake);
            }
        }
        return new Verdict.Part(name + ", trust", right ? Outcome.RIGHT : Outcome.WRONG, "");
    }

    @Override
    public Key key(Truth truth) {
        return switch (truth.evidence().fit(asking().ofCurve())) {
            case Fit.None(String reason) -> Key.missing(reason);
            case CurveFit curve -> Key.of(String.join(" · ", at.stream().map(x -> shown(curve, x, truth) + (curve.support().contains(x) ? " ✓" : " ✗")).toList())).recognising(recognised(truth));
        };
    }

    private String shown(CurveFit curve, double x, Truth truth) {
        OptionalDouble fitted = curve.fitted(x);
        return fitted.isPresent() ? truth.style().show(fitted.getAsDouble(), rounding) : "–";
    }

    private String curveInWords() {
        return asking().ofCurve() instanceof Curve.Line ? "line" : asking().ofCurve().inWords();
    }

    /** Each mistake with what it gives at each x; nothing where it cannot be told from the key. */
    private List<Key.Recognised> recognised(Truth truth) {
        Map<Mistake, List<String>> answers = new LinkedHashMap<>();
        for (int i = 0; i < at.size(); i++) {
            for (Key.Recognised one : NumberAnswer.recognised(truth, sought(at.get(i)), rounding)) {
                List<String> all = answers.computeIfAbsent(one.mistake(), _ -> new ArrayList<>(Collections.nCopies(at.size(), "–")));
                all.set(i, one.answer());
            }
        }
        return answers.entrySet().stream().map(it -> new Key.Recognised(it.getKey(), String.join(" · ", it.getValue()))).toList();
    }

    @Override
    public String rightAnswer(Truth truth) {
        return truth.evidence().fit(asking().ofCurve()).curveFit().map(curve -> String.join("; ", at.stream().map(x -> "at " + truth.style().shortest(x) + " "
                + shown(curve, x, truth) + (curve.support().contains(x) ? ", to be trusted" : ", not to be trusted")).toList())).orElse("");
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Answer.Predictions predictions = answer.as(Answer.Predictions.class);
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < at.size(); i++) {
            Answer.Predicted given = predictions.at(i);
            lines.add("at " + truth.style().shortest(at.get(i)) + ": " + (given.text().isBlank() ? "–" : given.text())
                    + given.trusted().map(trusted -> trusted ? ", trusted" : ", not trusted").orElse(""));
        }
        return lines;
    }

    private static String shortest(double x) {
        return NumberStyle.STANDARD.shortest(x);
    }
}
