package hestra.desktop.cli;

import java.util.Optional;

import hestra.chance.Asked;
import hestra.chance.Play;
import hestra.chance.Playing;
import hestra.chance.Run;
import hestra.chance.Watched;
import hestra.data.Pairs;
import hestra.fit.Curve;
import hestra.fit.CurveFit;
import hestra.numbers.DecimalMark;
import hestra.numbers.NumberReading;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** What {@code fit} may ask of chance. */
final class ChanceOptions {

    private static final String PREDICT = "predict:";
    /** Runs that are not chosen have a number that is easily typed again. */

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    @Option(names = "--shuffle", paramLabel = "N",
            description = "deal the y values out anew so many times; how often is the slope as far from 0? "
                    + "All arrangements where they are few")
    private Integer shuffle;

    @Option(names = "--resample", paramLabel = "N",
            description = "draw as many pairs from these, each put back, so many times; between which ends lies the middle?")
    private Integer resample;

    @Option(names = "--of", paramLabel = "WHAT", description = "of these: slope (the usual), intercept, r, or predict:X")
    private String of;

    @Option(names = "--seed", paramLabel = "RUN",
            description = "the number of the run: the same number gives the same draws everywhere; "
                    + "one is chosen and told without this")
    private Long seed;

    /** What was asked, a plain sentence where it cannot be played, or nothing where nothing was asked. */
    Optional<Playing> run(CurveFit fit, Pairs pairs, double level) {
        if (shuffle == null && resample == null) {
            if (of != null || seed != null) {
                throw misused("--of and --seed belong to --shuffle or --resample.");
            }
            return Optional.empty();
        }
        if (shuffle != null && resample != null) {
            throw misused("Ask for --shuffle or for --resample, not for both.");
        }
        String option = shuffle != null ? "--shuffle" : "--resample";
        if (draws() < 1 || draws() > Run.MOST_DRAWS) {
            throw misused(option + " is " + draws() + "; it must lie between 1 and " + Run.MOST_DRAWS + ".");
        }
        long number = seed != null ? seed : Run.unchosen();
        Playing run = Run.of(new Run.Setup(shuffle != null ? Play.SHUFFLE : Play.DRAW_AGAIN, pairs, fit.curve(),
                watched(fit.curve()), number, level, Optional.empty()), fit);
        if (run instanceof Run playable) {
            playable.make(draws());
        }
        return Optional.of(run);
    }

    /** A run that could be made with what was asked of it. */
    Asked asked(Run run, double level) {
        return Asked.of(run, draws(), level);
    }

    private int draws() {
        return shuffle != null ? shuffle : resample;
    }

    private Watched watched(Curve curve) {
        String what = of == null ? "slope" : of;
        if (what.startsWith(PREDICT)) {
            if (NumberReading.ofMeasurement(what.substring(PREDICT.length()), DecimalMark.POINT)
                    instanceof NumberReading.Value value) {
                return new Watched.FittedAt(value.value());
            }
            throw misused("--of is “" + what + "”; give a number, such as predict:12.");
        }
        return switch (what) {
            case "slope" -> curve instanceof Curve.ThroughOrigin ? new Watched.OfCoefficient(0)
                    : only(curve, what, Watched.SLOPE);
            case "intercept" -> only(curve, what, Watched.INTERCEPT);
            case "r" -> only(curve, what, new Watched.R());
            default -> throw misused("--of is “" + what + "”; it is slope, intercept, r, or predict:X.");
        };
    }

    private Watched only(Curve curve, String what, Watched watched) {
        if (curve instanceof Curve.Line) {
            return watched;
        }
        throw misused("The " + curve.inWords() + " has no " + what + " to watch; ask for --of predict:X.");
    }

    private ParameterException misused(String message) {
        return new ParameterException(spec.commandLine(), message);
    }
}
