package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

import hestra.chance.Asked;
import hestra.chance.Formula;
import hestra.chance.Pile;
import hestra.chance.Play;
import hestra.chance.Playing;
import hestra.chance.Run;
import hestra.chance.Watched;
import hestra.data.Pairs;
import hestra.feedback.Mistake;
import hestra.feedback.NumberCriteria;
import hestra.feedback.NumberJudge;
import hestra.feedback.Outcome;
import hestra.feedback.Parts;
import hestra.feedback.Quantity;
import hestra.feedback.Sought;
import hestra.feedback.Verdict;
import hestra.fit.CurveFit;
import hestra.fit.Interval;
import hestra.fit.LeastSquares;
import hestra.numbers.NumberReading;
import hestra.numbers.NumberStyle;
import hestra.numbers.Rounding;

/**
 * The student plays with chance on the plot, reads a number off the own pile, and says what it means and what follows. It is
 * judged by the own run, which is made again from its number.
 *
 * @param play shuffle, or draw again
 * @param draws how many draws are asked for at least
 * @param watched what is watched: slope, intercept or r; of shuffles not the intercept
 * @param level the share between the ends that are read, between 0 and 1; of shuffles the level that p is compared with, taken
 *     from 1
 * @param rounding of the number that is read
 * @param means whether it is asked what the number says
 * @param concludes whether it is asked what follows
 */
public record WhatChanceDoes(Terms terms, Play play, int draws, Quantity watched, double level, Rounding rounding, boolean means,
        boolean concludes) implements Task, RestsOnGiven, Rounded, UsesCurve {

    /** The plays that may be asked for. */
    public static final List<Play> PLAYS = List.of(Play.SHUFFLE, Play.DRAW_AGAIN);

    public static final int FEWEST_DRAWS = 100;
    public static final int MOST_DRAWS = 10_000;
    private static final int USUAL_DRAWS = 1_000;
    private static final double USUAL_LEVEL = 0.95;
    private static final double HAIR = 1e-9;
    /** A count over a count, such as 28/1001, needs no rounding. */
    private static final double EXACT = 1e-12;
    private static final int PLACES = 3;
    private static final String NOT_SHARE =
            "This is not the share in your own pile. Count those at least as far from 0 as ours, on either side.";

    static final Kind KIND = new Kind("what-chance-does", "What chance does", Kind.Group.PLOT, WhatChanceDoes.class,
            (id, truth) -> new WhatChanceDoes(Terms.of(id, "What chance does",
                    "Shuffle 1,000 times. How often is the slope at least as far from 0 as ours?", 3),
                    Play.SHUFFLE, USUAL_DRAWS, Quantity.SLOPE, USUAL_LEVEL, new Rounding.Places(PLACES), true, true));

    public WhatChanceDoes {
        if (!PLAYS.contains(play) || !watched(play).contains(watched)
                || draws < FEWEST_DRAWS || draws > MOST_DRAWS || !(level >= 0.5 && level < 1)) {
            throw new IllegalArgumentException(play + ", " + draws + " draws, " + watched + ", " + level);
        }
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new WhatChanceDoes(other, play, draws, watched, level, rounding, means, concludes);
    }

    /** What may be watched in a play: an intercept that is shuffled has its middle nowhere in particular. */
    public static List<Quantity> watched(Play play) {
        return play == Play.SHUFFLE ? List.of(Quantity.SLOPE, Quantity.R) : List.of(Quantity.SLOPE, Quantity.INTERCEPT,
                Quantity.R);
    }

    /** The same with another play; what cannot be watched in it gives way. */
    public WhatChanceDoes with(Play other) {
        return new WhatChanceDoes(terms, other, draws, other == Play.SHUFFLE && watched == Quantity.INTERCEPT
                ? Quantity.SLOPE : watched, level, rounding, means, concludes);
    }

    /** The same, watching something else that may be watched in its play. */
    public WhatChanceDoes watching(Quantity other) {
        return new WhatChanceDoes(terms, play, draws, other, level, rounding, means, concludes);
    }

    @Override
    public AnswerPlace place() {
        return AnswerPlace.PLOT;
    }

    @Override
    public Set<Aid> needs() {
        return watched == Quantity.R ? Set.of(Aid.LINE, Aid.EQUATION, Aid.R) : Set.of(Aid.LINE, Aid.EQUATION);
    }

    private Watched number() {
        return switch (watched) {
            case R -> new Watched.R();
            case INTERCEPT -> Watched.INTERCEPT;
            default -> Watched.SLOPE;
        };
    }

    @Override
    public boolean asksWhatSays(Play of) {
        return means && of == play;
    }

    /** What is watched in a word: "slope". */
    public static String inAWord(Quantity watched) {
        return switch (watched) {
            case R -> "r";
            case INTERCEPT -> "intercept";
            default -> "slope";
        };
    }

    @Override
    public Played standing(Bench bench) {
        Played begun = bench.draft(this, Played.NOTHING).as(Played.class);
        TakenPoints taken = TakenPoints.of(bench, bench.handiwork().chance().map(ChancePlayed::only).orElse(Set.of()));
        return begun.of(bench.handiwork().chance(), taken.without(), taken.given());
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Played;
    }

    /** The run that an answer is from, made again; nothing where it is none that was asked for. */
    private Optional<Run> run(Played played, Truth truth) {
        return played.run().filter(it -> it.play() == play).flatMap(it -> {
            Pairs pairs = Pairs.of(truth.data().withoutRows(played.without()), truth.roles());
            return LeastSquares.line(pairs).curveFit().map(fit -> Run.of(new Run.Setup(play, pairs, fit.curve(), number(),
                    it.number(), USUAL_LEVEL, Optional.empty()), fit))
                    .filter(Run.class::isInstance).map(Run.class::cast);
        });
    }

    /** What came of the run of an answer. */
    private Optional<Pile> pile(Played played, Truth truth) {
        return run(played, truth).map(run -> {
            int wanted = Math.clamp(played.run().orElseThrow().draws(), 1, Run.MOST_DRAWS);
            run.make(wanted);
            return Asked.of(run, wanted, level).pile();
        });
    }

    /** What is still to be done on the plot before the number can be read, a sentence; nothing where it is done. */
    public Optional<String> toBeDone(Played played, Truth truth) {
        return playedOtherwise(played, truth).or(() -> tooFew(played.run().orElseThrow(), played, truth));
    }

    /** What was played that is not what is asked. */
    private Optional<String> playedOtherwise(Played played, Truth truth) {
        if (played.run().filter(it -> it.play() == play).isEmpty()) {
            return Optional.of("Turn on " + play.title() + " above the plot.");
        }
        ChancePlayed run = played.run().get();
        if (!run.ofLine()) {
            return Optional.of("Select the line of least squares: the pile is of another curve.");
        }
        if (!run.watched().equals(number())) {
            return Optional.of("Choose " + (watched == Quantity.R ? "r" : "the " + inAWord(watched))
                    + " above the pile: something"
                    + " else is watched.");
        }
        if (!played.given()) {
            return Optional.of("Your points are not those that were given. Compare your table with them first.");
        }
        return play == Play.SHUFFLE || Math.abs(run.level() - level) < HAIR ? Optional.empty()
                : Optional.of("Choose " + percent(truth) + " % for the level of intervals, at the readings.");
    }

    /** How many draws are still asked for. An answer that was given once is judged by its run, whatever is asked since. */
    private Optional<String> tooFew(ChancePlayed run, Played played, Truth truth) {
        int left = draws - run.draws();
        boolean all = run.draws() >= Run.ENOUGH_FOR_ALL && play == Play.SHUFFLE
                && run(played, truth).filter(it -> it.isOfAll(run.draws())).isPresent();
        if (left > 0 && !all) {
            return Optional.of((run.draws() == 0 ? "At" : truth.style().count(left) + " more: at") + " least "
                    + truth.style().count(draws) + " " + play.noun() + "s are asked for.");
        }
        return play == Play.SHUFFLE || run.draws() >= Pile.enough(level) ? Optional.empty()
                : Optional.of(truth.style().count(Pile.enough(level)) + " draws at least are needed for the middle "
                        + percent(truth) + " %.");
    }

    private String percent(Truth truth) {
        return truth.style().level(level);
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        Played played = answer.as(Played.class);
        return toBeDone(played, truth).or(() -> untyped(played, truth))
                .or(() -> means && played.meaning().isEmpty() ? Optional.of("Say what the number says.") : Optional.empty())
                .or(() -> concludes && played.conclusion().isEmpty() ? Optional.of("Say what follows.") : Optional.empty());
    }

    private Optional<String> untyped(Played played, Truth truth) {
        return play == Play.SHUFFLE
                ? NumberAnswer.unfinished(played.low(), truth, sought(0.5, truth), rounding,
                "Type the share that you read off the pile.")
                : NumberAnswer.unfinished(played.low(), truth, sought(1, truth), rounding, "Type the lower end.")
                .or(() -> NumberAnswer.unfinished(played.high(), truth, sought(1, truth), rounding, "Type the upper end."));
    }

    private Sought sought(double key, Truth truth) {
        return new Sought.Given(key, play == Play.SHUFFLE ? "" : new Sought.Value(watched).measured().unit(truth.x(), truth.y()));
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Played played = attempt.answer().as(Played.class);
        Optional<Pile> pile = pile(played, truth);
        Optional<String> left = playedOtherwise(played, truth);
        if (left.isPresent() || pile.isEmpty() || pile.get().p().isEmpty()
                || play == Play.DRAW_AGAIN && pile.get().middle(level).isEmpty()) {
            return Verdict.wrong(left.orElse("Too few lines came of these points to read anything off."));
        }
        Parts parts = Parts.none();
        List<Mistake> mistakes = new ArrayList<>();
        if (play == Play.SHUFFLE) {
            share(played, pile.get(), truth, parts, mistakes);
        } else {
            ends(played, pile.get(), truth, parts, mistakes);
        }
        if (means) {
            // What was not asked when the answer was given has not been said.
            Optional<Mistake> mistake = played.meaning().flatMap(ChanceMeaning::mistake);
            mistake.ifPresent(mistakes::add);
            parts.add("what it says", played.meaning().filter(ChanceMeaning.right(play)::equals).isPresent(),
                    mistake.map(it -> said(it, truth))
                    .orElse("The number says something else: think of how the pile came about."));
        }
        if (concludes) {
            ChanceConclusion right = follows(pile.get());
            Optional<Mistake> mistake = played.conclusion().flatMap(it -> it.mistake(right));
            mistake.ifPresent(mistakes::add);
            parts.add("what follows", played.conclusion().filter(right::equals).isPresent(),
                    mistake.map(it -> said(it, truth)).orElse("Something else follows."));
        }
        return parts.verdict(terms.marks(), "Right, by your own run.").recognising(mistakes.stream().distinct().toList());
    }

    /** What follows from a pile: of shuffles by the share, of draws by whether 0 lies between the ends. */
    private ChanceConclusion follows(Pile pile) {
        boolean against = play == Play.SHUFFLE ? pile.p().orElse(1) <= 1 - level + HAIR
                : pile.middle(level).filter(it -> it.low() > 0 || it.high() < 0).isPresent();
        return against ? ChanceConclusion.SPEAKS_AGAINST : ChanceConclusion.LEAVES_OPEN;
    }

    /** The share is right with ours counted, as p is, and without it, as it is written in large letters. */
    private void share(Played played, Pile pile, Truth truth, Parts parts, List<Mistake> mistakes) {
        double size = pile.size();
        List<Double> right = List.of(pile.p().orElseThrow(), pile.asFar() / size);
        boolean fits = right.stream().anyMatch(it -> fits(played.low(), it, truth));
        Optional<Mistake> mistake = fits ? Optional.empty()
                : Stream.of(pile.asFarOnOurSide(), pile.asFar() - pile.asFarOnOurSide())
                .anyMatch(it -> fits(played.low(), it / size, truth) || fits(played.low(), (it + 1) / (size + 1), truth))
                ? Optional.of(Mistake.ONE_SIDE_OF_TWO)
                : fits(played.low(), 1 - right.getLast(), truth) || fits(played.low(), 1 - right.getFirst(), truth)
                ? Optional.of(Mistake.NEARER_COUNTED) : Optional.empty();
        mistake.ifPresent(mistakes::add);
        parts.add("share", fits, mistake.map(it -> said(it, truth))
                .orElseGet(() -> told(played.low(), right.getFirst(), truth, NOT_SHARE, mistakes)));
    }

    private void ends(Played played, Pile pile, Truth truth, Parts parts, List<Mistake> mistakes) {
        Interval middle = pile.middle(level).orElseThrow();
        parts.add("lower end", fits(played.low(), middle.low(), truth), told(played.low(), middle.low(), truth,
                "This is not the lower end of the middle " + percent(truth) + " % of your own pile.", mistakes));
        parts.add("upper end", fits(played.high(), middle.high(), truth), told(played.high(), middle.high(), truth,
                "This is not the upper end of the middle " + percent(truth) + " % of your own pile.", mistakes));
    }

    private String said(Mistake mistake, Truth truth) {
        return Mistake.say(List.of(mistake), truth.x(), truth.y(), rounding);
    }

    private NumberJudge judge(double key, Truth truth) {
        return new NumberJudge(truth.asked(sought(key, truth), NumberCriteria.How.rounded(rounding)));
    }

    private boolean fits(String typed, double key, Truth truth) {
        return NumberReading.ofAnswer(typed, truth.mark()) instanceof NumberReading.Value value
                && (Math.abs(value.value() - key) <= EXACT
                || judge(key, truth).verdict(value, 1, "", "").outcome() == Outcome.RIGHT);
    }

    /** What is said of a number that is not right; nothing where it is. */
    private String told(String typed, double key, Truth truth, String otherwise, List<Mistake> mistakes) {
        if (NumberReading.ofAnswer(typed, truth.mark()) instanceof NumberReading.Value value) {
            Verdict verdict = judge(key, truth).verdict(value, 1, otherwise, "");
            mistakes.addAll(verdict.mistakes());
            return verdict.message();
        }
        return otherwise;
    }

    @Override
    public Key key(Truth truth) {
        Optional<CurveFit> fit = LeastSquares.line(truth.pairs()).curveFit();
        if (fit.isEmpty() || Run.of(new Run.Setup(play, truth.pairs(), fit.get().curve(), number(), 1, USUAL_LEVEL,
                Optional.empty()), fit.get()) instanceof Playing.None) {
            return Key.missing("chance cannot be played with these points");
        }
        NumberStyle style = truth.style();
        String formula = byFormula(fit.get(), truth);
        return Key.of("by the student\u2019s own run of " + style.count(draws) + " " + play.noun() + "s or more"
                + (formula.isEmpty() ? "" : "; the formula gives " + formula)
                + (means ? " \u00b7 " + ChanceMeaning.right(play).inWords() : "")
                + (concludes ? " \u00b7 what follows, at " + percent(truth) + " %" : ""));
    }

    /** What the formula gives for the number that is read; empty where it gives none. */
    private String byFormula(CurveFit fit, Truth truth) {
        NumberStyle style = truth.style();
        if (play == Play.DRAW_AGAIN) {
            return Formula.interval(fit, truth.pairs(), number(), level)
                    .map(it -> "about " + style.show(it.low(), rounding) + " to " + style.show(it.high(), rounding)).orElse("");
        }
        OptionalDouble p = Formula.p(fit, number());
        return p.isPresent() ? "about " + style.show(p.getAsDouble(), rounding) : "";
    }

    /** The number is another one in each run; what it says is not. */
    @Override
    public String rightAnswer(Truth truth) {
        return means ? "It says " + ChanceMeaning.right(play).inWords() + "." : "";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Played played = answer.as(Played.class);
        List<String> lines = new ArrayList<>();
        played.run().ifPresent(run -> lines.add("run " + run.number() + ", " + truth.style().count(run.draws()) + " "
                + run.play().noun() + "s"));
        lines.add(play == Play.SHUFFLE ? shown(played.low()) : shown(played.low()) + " to " + shown(played.high()));
        played.meaning().ifPresent(it -> lines.add("it says " + it.inWords()));
        played.conclusion().ifPresent(it -> lines.add("so " + it.inWords(play)));
        return lines;
    }

    private static String shown(String typed) {
        return typed.isBlank() ? "\u2013" : typed;
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(new OnPaper.InTheProgram());
    }
}
