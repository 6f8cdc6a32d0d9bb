package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import hestra.data.Variable;
import hestra.equations.EquationReader;
import hestra.equations.TypedEquation;
import hestra.feedback.Evidence;
import hestra.feedback.Mistake;
import hestra.feedback.NumberJudge;
import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Words;

/** One of the values at which a prediction is asked for: what is right there, and what becomes of an answer. */
final class PredictedPlace {

    private final Predict task;
    private final double given;
    private final Truth truth;
    private final Sought sought;
    private final List<Verdict.Part> parts = new ArrayList<>();
    private final List<PlaceNote> notes = new ArrayList<>();
    private final List<Mistake> mistakes = new ArrayList<>();

    PredictedPlace(Predict task, double given, Truth truth) {
        this.task = task;
        this.given = given;
        this.truth = truth;
        this.sought = task.asks().way() == Predicting.Way.X_FROM_Y
                ? new Sought.Reached(given, curve()) : new Sought.Prediction(given, curve());
    }

    private Curve curve() {
        return task.asking().ofCurve();
    }

    private boolean ofX() {
        return sought instanceof Sought.Reached;
    }

    /** "at 60", or where y is given, "for 35". */
    String name() {
        return (ofX() ? "for " : "at ") + truth.style().withDigits(15).shortest(given);
    }

    /** "line", "quadratic curve". */
    static String inWords(Curve curve) {
        return curve instanceof Curve.Line ? "line" : curve.familyInWords();
    }

    // What is right

    /** What to think of a prediction of a value by some data. */
    private Trust trust(Evidence data, double value) {
        return thoughts(data, value).getFirst();
    }

    /**
     * What may be thought of it, what the key says first. To lie among the data is not enough: where the residuals show a pattern
     * the curve leaves out what the data show, and to mistrust it is right; to trust it is wrong only beyond reasonable doubt.
     */
    private List<Trust> thoughts(Evidence data, double value) {
        if (task.asks().meaning() && against(value).isPresent()) {
            return List.of(Trust.MEANINGLESS);
        }
        if (!isSupported(data, value)) {
            return List.of(Trust.DOUBTED);
        }
        return data.isBent(curve()) ? List.of(Trust.DOUBTED)
                : data.hasPattern(curve()) ? List.of(Trust.DOUBTED, Trust.TRUSTED)
                : List.of(Trust.TRUSTED);
    }

    private boolean isSupported(Evidence data, double value) {
        return data.supports(curve(), ofX() ? value : given);
    }

    /** What the key says beside its sign: why a prediction among the data is not to be trusted. */
    private String patterned(double value) {
        return task.asks().trust() && trust(truth.evidence(), value) == Trust.DOUBTED && isSupported(truth.evidence(), value)
                ? " (the residuals show a pattern)" : "";
    }

    /** What to think where the curve has no value. */
    private Trust ofNone() {
        return task.asks().meaning() ? Trust.MEANINGLESS : Trust.DOUBTED;
    }

    /** Why there can be no such pair, as a sentence; nothing where there can. */
    private Optional<String> against(double value) {
        return against(truth.x(), ofX() ? value : given).or(() -> against(truth.y(), ofX() ? given : value));
    }

    private Optional<String> against(Variable variable, double value) {
        NumberStyle style = truth.style();
        return variable.possible().filter(it -> !it.allow(value))
                .map(it -> variable.described() + " lies between " + style.shortest(it.least()) + " and "
                + style.shortest(it.greatest()) + variable.unitAfterNumber() + ", so there is no such thing");
    }

    private List<Sought> ends() {
        return task.asks().band().map(band -> Stream.of(band.low(), band.high()).map(this::end).toList()).orElse(List.of());
    }

    private Sought end(Quantity quantity) {
        return new Sought.Value(task.asking().at(given).reading(quantity));
    }

    /** The right answer: "13.0 (11.2 to 14.8) ✓"; of several x all. */
    String key() {
        double[] values = sought.all(truth.evidence()).toArray();
        if (values.length == 0) {
            return "none" + (task.asks().trust() ? " " + ofNone().sign() : "");
        }
        String judged = task.asks().trust() ? " " : "";
        return String.join(" or ", DoubleStream.of(values)
                .mapToObj(it -> shown(it) + interval() + judged + (task.asks().trust() ? trust(truth.evidence(), it).sign() : "")
                + patterned(it)).toList());
    }

    /** The same as it is told to a student. */
    String rightAnswer() {
        double[] values = sought.all(truth.evidence()).toArray();
        String numbers = values.length == 0
                ? "none" : String.join(" or ", DoubleStream.of(values).mapToObj(it -> shown(it) + interval()).toList());
        Trust trust = values.length == 0 ? ofNone() : trust(truth.evidence(), values[0]);
        return name() + " " + numbers + (task.asks().trust() ? ", " + trust.inFull() : "");
    }

    /** The right numbers here; "none" where there is none. */
    String numbers() {
        double[] values = sought.all(truth.evidence()).toArray();
        return values.length == 0 ? "none" : DoubleStream.of(values).mapToObj(this::shown).collect(Collectors.joining(" or "));
    }

    /** The ends of the right interval; empty where none is asked for. */
    String limits() {
        List<String> ends = ends().stream().flatMap(it -> it.all(truth.evidence()).mapToObj(this::shown)).toList();
        return ends.size() == 2 ? ends.getFirst() + " to " + ends.getLast() : "";
    }

    /** What is rightly thought of the prediction. */
    Trust thought() {
        double[] values = sought.all(truth.evidence()).toArray();
        return values.length == 0 ? ofNone() : trust(truth.evidence(), values[0]);
    }

    private String interval() {
        return limits().isEmpty() ? "" : " (" + limits() + ")";
    }

    private String shown(double value) {
        return truth.style().show(value, task.rounding());
    }

    /** The mistakes that will be recognised in the number, with what each gives. */
    List<Key.Recognised> recognised() {
        return NumberAnswer.recognised(truth, sought, task.rounding());
    }

    /** The number that is asked for here. */
    NumberJudge number() {
        return new NumberJudge(truth.asked(sought, task.asking().how(task.rounding())));
    }

    // What an answer lacks

    /** What is missing before it can be judged; nothing where it is complete. */
    Optional<String> unfinished(Predicted answer) {
        if (answer.isLeftOut()) {
            return Optional.empty();
        }
        Optional<String> problem = NumberAnswer.unfinished(answer.text(), truth, sought, task.rounding(), "type a number.");
        List<String> typed = answer.ends();
        for (int i = 0; i < ends().size() && problem.isEmpty(); i++) {
            problem = NumberAnswer.unfinished(typed.get(i), truth, ends().get(i), task.rounding(),
                    "give both ends of the interval.");
        }
        if (problem.isEmpty() && task.asks().trust() && answer.trusted().isEmpty()) {
            problem = Optional.of("say whether you would trust the prediction.");
        }
        return problem.map(it -> Words.capitalized(name()) + ": " + it);
    }

    // What becomes of an answer

    /** Judges what was answered here. */
    PredictedPlace judge(Predicted answer, Attempt attempt) {
        List<Evidence> accepted = Stream.concat(truth.accepted(attempt).stream(), truth.kept(attempt).stream()).toList();
        if (answer.isLeftOut()) {
            boolean none = accepted.stream().anyMatch(this::isMeaningless);
            parts.add(new Verdict.Part(name(), none ? Outcome.RIGHT : Outcome.WRONG, ""));
            ends().forEach(_ -> parts.add(new Verdict.Part(name() + ", interval", none ? Outcome.RIGHT : Outcome.WRONG, "")));
        } else {
            number(answer.text(), sought, name(), attempt, true);
            List<String> typed = answer.ends();
            for (int i = 0; i < ends().size(); i++) {
                number(typed.get(i), ends().get(i), name() + (i == 0 ? ", lower end" : ", upper end"), attempt, false);
            }
        }
        if (task.asks().trust()) {
            trust(answer, accepted);
        }
        return this;
    }

    private boolean isMeaningless(Evidence data) {
        double[] values = sought.all(data).toArray();
        return values.length == 0
                ? ofNone() == Trust.MEANINGLESS : DoubleStream.of(values).allMatch(it -> trust(data, it) == Trust.MEANINGLESS);
    }

    private void number(String text, Sought what, String name, Attempt attempt, boolean carries) {
        NumberJudge judge = new NumberJudge(truth.asked(what, task.asking().how(task.rounding()), attempt));
        NumberReading reading = NumberReading.ofAnswer(text, truth.mark());
        NumberJudge.Finding finding = reading instanceof NumberReading.Value typed
                ? judge.judge(typed) : NumberJudge.Finding.unexplained();
        if (finding.outcome() != Outcome.RIGHT && carries && reading instanceof NumberReading.Value typed
                && isOwn(typed, attempt)) {
            Outcome outcome = task.asks().own() == OwnEquation.FULL ? Outcome.RIGHT : Outcome.NEARLY;
            parts.add(new Verdict.Part(name, outcome, "Right for the equation that you wrote."));
            note(name, "right for the equation that you wrote, but not for that of the data.");
            return;
        }
        boolean explained = !finding.mistakes().isEmpty();
        parts.add(new Verdict.Part(name, finding.outcome(), explained ? judge.say(finding) : ""));
        if (explained) {
            note(name, judge.say(finding));
            finding.mistakes().forEach(this::recognise);
        } else if (finding.outcome() == Outcome.NEARLY) {
            note(name, "right for the points you kept. With all the points it is another value.");
        } else if (finding.outcome() == Outcome.WRONG) {
            note(name, carries ? "this is not what the " + inWords(curve()) + " predicts."
                    : "this is not where the interval " + task.asks().band().orElseThrow().inWords() + " ends.");
        }
    }

    /** Whether a number is what the student's own equation gives. */
    private boolean isOwn(NumberReading.Value typed, Attempt attempt) {
        if (task.asks().own() == OwnEquation.NOT || attempt.own().isEmpty()
                || !(EquationReader.read(attempt.own().get(), truth.x(), truth.y(),
                truth.mark()) instanceof EquationReader.Done(TypedEquation own)) || own.isTurnedRound()) {
            return false;
        }
        OptionalDouble value = ofX() ? own.reaching(given) : own.at(given);
        String unit = sought.measured().unit(truth.x(), truth.y());
        return value.isPresent() && new NumberJudge(truth.asked(new Sought.Given(value.getAsDouble(), unit), task.asking()
                .how(task.rounding()))).judge(typed).outcome() == Outcome.RIGHT;
    }

    private void trust(Predicted answer, List<Evidence> accepted) {
        Trust thought = answer.trusted().orElse(null);
        List<Trust> right = accepted.stream().flatMap(data -> right(data, answer.text()).stream()).distinct().toList();
        boolean isRight = right.contains(thought);
        if (!isRight && thought != null) {
            note(name(), why(right.getFirst(), thought, accepted.getFirst(), answer.text()));
            boolean outside = !isPatterned(accepted.getFirst(), answer.text());
            if (thought == Trust.TRUSTED && right.getFirst() == Trust.DOUBTED && outside) {
                recognise(Mistake.EXTRAPOLATION_TRUSTED);
            } else if (thought == Trust.DOUBTED && right.getFirst() == Trust.TRUSTED) {
                recognise(Mistake.INTERPOLATION_MISTRUSTED);
            }
        }
        parts.add(new Verdict.Part(name() + ", trust", isRight ? Outcome.RIGHT : Outcome.WRONG, ""));
    }

    /** What to think of the value that was meant: of several x, the one that lies nearest to what was typed. */
    private List<Trust> right(Evidence data, String text) {
        OptionalDouble meant = meant(data, text);
        return meant.isEmpty() ? List.of(ofNone()) : thoughts(data, meant.getAsDouble());
    }

    /** Whether a value that was meant lies among the data, so that only a pattern speaks against it. */
    private boolean isPatterned(Evidence data, String text) {
        OptionalDouble meant = meant(data, text);
        return meant.isPresent() && isSupported(data, meant.getAsDouble());
    }

    private OptionalDouble meant(Evidence data, String text) {
        double typed = NumberReading.ofAnswer(text, truth.mark()) instanceof NumberReading.Value value
                ? value.value() : Double.NaN;
        return sought.all(data).boxed().min((a, b) -> Double.compare(Math.abs(a - typed), Math.abs(b - typed)))
                .map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private String why(Trust right, Trust thought, Evidence data, String text) {
        // How it was fitted does not matter here.
        String curve = inWords(curve()).replaceFirst(",.*", "");
        return switch (right) {
            case TRUSTED -> "this lies among the data, so the " + curve + " may be trusted here.";
            case DOUBTED -> isPatterned(data, text)
                    ? "the residuals show a pattern, so the " + curve
                    + " leaves out what the data show. To lie among the data is not "
                    + "enough."
                    : thought == Trust.MEANINGLESS
                    ? "there could be such a value. It lies outside the data, so it is not to be trusted."
                    : "this lies outside the data. Nothing measured says that the " + curve + " goes on like this.";
            case MEANINGLESS -> {
                OptionalDouble meant = meant(data, text);
                yield meant.isPresent()
                        ? against(meant.getAsDouble()).map(it -> it + ".").orElse("") : "the " + curve + " has no such value.";
            }
        };
    }

    private void note(String name, String says) {
        notes.add(new PlaceNote(name, says));
    }

    private void recognise(Mistake mistake) {
        if (!mistakes.contains(mistake)) {
            mistakes.add(mistake);
        }
    }

    List<Verdict.Part> parts() {
        return parts;
    }

    List<PlaceNote> notes() {
        return notes;
    }

    List<Mistake> mistakes() {
        return mistakes;
    }
}
