package hestra.sentences;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import hestra.units.Unit;

/** What a sentence must say about a quantity, and whether it does: found, missing, or not to be decided by a program. */
public final class Rubric {

    private static final double STRONG_FROM = 0.7;
    private static final double MODERATE_FROM = 0.35;
    private static final double MODERATE_TO = 0.9;
    private static final double WEAK_TO = 0.6;
    private static final double SIGNIFICANT_TO = 0.01;
    private static final double NOT_SIGNIFICANT_FROM = 0.1;
    private static final double GREATEST_BOUND = 0.1;
    private static final int VARIABLE_REACH = 8;

    private final Said said;
    private final Facts facts;
    private final Topic topic;
    private final Optional<Per> slope;

    /** Whether a thing is said. */
    public enum Found {
        YES,
        NO,
        UNSURE
    }

    /**
     * What was found of one thing.
     *
     * @param todo what to do where it is missing
     */
    public record Finding(Aspect aspect, Found found, String todo) {}

    /**
     * An amount of y for an amount of x that is the slope: with their units taken as they are written, or by the bare numbers
     * alone.
     */
    private record Per(Amount y, Optional<Amount> x, boolean withUnits) {}

    private Rubric(Aspect.About about, Said said, Facts facts) {
        this.said = said;
        this.facts = facts;
        this.topic = said.topic();
        this.slope = about == Aspect.About.SLOPE ? slope() : Optional.empty();
    }

    /** What is found in a text, but for what is switched off. */
    public static List<Finding> findings(Aspect.About about, Said said, Facts facts, Set<Aspect> off) {
        Rubric rubric = new Rubric(about, said, facts);
        List<Finding> all = new ArrayList<>();
        for (Aspect aspect : about.aspects()) {
            Found found = off.contains(aspect) ? Found.UNSURE : rubric.find(about, aspect);
            if (found != Found.UNSURE) {
                all.add(new Finding(aspect, found, aspect.todo(rubric.topic)));
            }
        }
        return all;
    }

    private Found find(Aspect.About about, Aspect aspect) {
        return switch (aspect) {
            // Only said where it is no sentence.
            case SENTENCE -> said.isBareList() ? Found.NO : Found.UNSURE;
            case VARIABLES -> found(said.namesX() && said.namesY());
            case RESPONSE -> found(said.namesY());
            case WAY_ROUND -> said.isWrongWayRound() ? Found.NO : Found.UNSURE;
            case NUMBER -> about == Aspect.About.P
                    ? found(said.amounts().stream().anyMatch(this::isP))
                    : found(about == Aspect.About.SLOPE ? slope.isPresent() : value().isPresent());
            case UNIT -> about == Aspect.About.SLOPE ? found(hasUnitsOfSlope())
                    : topic.y().unit().isBlank() ? Found.UNSURE
                    : found(value().or(this::anyOfY).filter(it -> isIn(it, topic.unitOfY())).isPresent());
            case DIRECTION -> about == Aspect.About.R ? direction() : way();
            case STRENGTH -> strength();
            case LINEAR -> found(said.says(Sense.LINEAR));
            case SHARE -> share();
            case VARIATION -> found(said.says(Sense.VARIATION));
            case OF_RESPONSE ->
                    said.says(Sense.VARIATION)
                    ? said.firstBehind(Sense.VARIATION, VARIABLE_REACH).map(it -> found(it == Amount.Side.Y))
                    .orElse(said.namesY() ? Found.UNSURE : Found.NO) : found(said.namesY());
            case GOES_WITH -> found(said.namesX() && said.says(Sense.EXPLAINED));
            case NOT_OF_POINTS ->
                    said.amounts().stream().anyMatch(it -> said.follows(it, Sense.OF_POINTS, 1) && !said.denies(it))
                    ? Found.NO : Found.YES;
            case NOT_ACCURACY -> found(!said.affirms(Sense.ACCURATE));
            case AT_ZERO -> found(said.says(Sense.ZERO) || said.amounts().stream().anyMatch(it -> it.value().signum() == 0));
            case MEANING -> facts.inside()
                    ? Found.UNSURE
                    : found(said.says(Sense.BEYOND) || said.says(Sense.MEANINGLESS) || said.saysThatNoneWasMeasured());
            case PLACE -> found(said.amounts().stream()
                    .anyMatch(it -> it.isAbout(facts.at() / ratio(it.unit(), topic.unitOfX()))
                            || it.value().doubleValue() == facts.at()));
            case REACH -> found(facts.inside()
                    ? said.says(Sense.INSIDE) || said.says(Sense.BEYOND) && !said.affirms(Sense.BEYOND)
                    : said.affirms(Sense.BEYOND) || said.says(Sense.MEANINGLESS) || said.saysThatNoneWasMeasured());
            case TYPICAL -> found(said.says(Sense.TYPICAL));
            case DISTANCE -> found(said.says(Sense.DISTANCE));
            case PREDICTION -> found(said.says(Sense.AVERAGE) && !said.affirms(Sense.CERTAIN));
            case CHANCE -> found(said.says(Sense.CHANCE));
            case IF_NONE -> found(said.chances().isGivenNone());
            case AS_FAR -> found(said.says(Sense.AS_FAR));
            case NOT_OF_NONE -> said.chances().isOfNone() ? Found.NO : Found.UNSURE;
            case DECISION -> found(said.chances().decision() != Chances.Decision.NEITHER);
            case DECISION_WAY -> decision();
            case NO_CAUSE -> found(!said.claimsCause());
        };
    }

    private static Found found(boolean is) {
        return is ? Found.YES : Found.NO;
    }

    private Stream<Amount> ofY() {
        return said.amounts().stream().filter(it -> it.side() == Amount.Side.Y && !it.percent()
                && !said.follows(it, Sense.VARIATION, 3));
    }

    private List<Amount> ofX() {
        return said.amounts().stream().filter(it -> it.side() == Amount.Side.X && it.value().signum() != 0).toList();
    }

    /** How many of the one unit the other is; 1 where none is written or it is of another kind. */
    private static double ratio(Optional<Unit> written, Unit asked) {
        return written.filter(it -> it.isOfSameKind(asked)).map(it -> it.scale() / asked.scale()).orElse(1.0);
    }

    private static boolean isIn(Amount amount, Unit unit) {
        return amount.unit().filter(it -> it.isOfSameKind(unit)).isPresent();
    }

    /** Where the slope is said: with both units before without, with what it is per before without. */
    private Optional<Per> slope() {
        List<Per> all = new ArrayList<>();
        List<Amount> xs = ofX();
        for (Amount y : ofY().toList()) {
            for (Amount x : xs) {
                double steps = x.value().doubleValue();
                if (y.isAbout(facts.value() * steps * ratio(x.unit(), topic.unitOfX()) / ratio(y.unit(), topic.unitOfY()))) {
                    all.add(new Per(y, Optional.of(x), true));
                } else if (y.isAbout(facts.value() * steps)) {
                    // The right numbers with the wrong units behind them.
                    all.add(new Per(y, Optional.of(x), false));
                }
            }
            if (xs.isEmpty()) {
                boolean withUnits = y.isAbout(facts.value() / ratio(y.unit(), topic.unitOfY()));
                if (withUnits || y.isAbout(facts.value())) {
                    all.add(new Per(y, Optional.empty(), withUnits));
                }
            }
        }
        // Days of a length that was asked for in centimetres: the number stands on the wrong side.
        said.amounts().stream().filter(it -> !it.per() && it.side() == Amount.Side.X && it.unit().isPresent()
                && it.isAbout(facts.value())).map(it -> new Per(it, Optional.empty(), false)).forEach(all::add);
        return all.stream().filter(this::hasUnits).findFirst().or(() -> all.stream().filter(Per::withUnits).findFirst())
                .or(() -> all.stream().findFirst());
    }

    private boolean hasUnits(Per per) {
        boolean y = topic.y().unit().isBlank() || isIn(per.y, topic.unitOfY());
        boolean x = per.x.isPresent() && (topic.x().unit().isBlank() || isIn(per.x.get(), topic.unitOfX()));
        return per.withUnits && y && x;
    }

    private boolean hasUnitsOfSlope() {
        if (slope.isPresent()) {
            return hasUnits(slope.get());
        }
        boolean needsX = !topic.x().unit().isBlank();
        return (topic.y().unit().isBlank() || ofY().anyMatch(it -> isIn(it, topic.unitOfY())) || said.hasUnit(topic.unitOfY()))
                && (needsX ? ofX().stream().anyMatch(it -> isIn(it, topic.unitOfX())) : said.hasConditions());
    }

    /** The amount that is the value; at the value's own place where it is a prediction. */
    private Optional<Amount> value() {
        return said.amounts().stream().filter(it -> !it.percent() && it.isAbout(facts.value() / ratio(it.unit(),
                topic.unitOfY()))).findFirst()
                .or(() -> facts.value() == 0
                ? said.amounts().stream().filter(it -> it.value().signum() == 0).findFirst() : Optional.empty());
    }

    private Optional<Amount> anyOfY() {
        return said.amounts().stream().filter(it -> isIn(it, topic.unitOfY())).findFirst();
    }

    private Found way() {
        return switch (said.way()) {
            case UP -> found(facts.value() >= 0);
            case DOWN -> found(facts.value() <= 0);
            case BOTH -> Found.UNSURE;
            case NEITHER -> Found.NO;
        };
    }

    private Found direction() {
        boolean negative = said.affirms(Sense.NEGATIVE);
        boolean positive = said.affirms(Sense.POSITIVE);
        if (negative != positive) {
            return found(negative == facts.value() < 0);
        }
        return negative ? Found.UNSURE : way();
    }

    /** Whether an amount is p, as a part or in percent, or a bound that it lies below. */
    private boolean isP(Amount amount) {
        double p = amount.percent() ? facts.value() * 100 : facts.value();
        return amount.isAbout(p) || amount.value().signum() > 0 && amount.isRounded(p) || isOutOf(amount, p)
                || said.isBound(amount) && amount.value().doubleValue() > p
                && amount.value().doubleValue() <= (amount.percent() ? 100 * GREATEST_BOUND : GREATEST_BOUND);
    }

    /** "2 of 1000". */
    private boolean isOutOf(Amount part, double p) {
        return said.amounts().stream().filter(whole -> whole.from() > part.to() && whole.from() <= part.to() + 3
                && whole.value().doubleValue() >= 20)
                .anyMatch(whole -> Math.abs(part.value().doubleValue() - p * whole.value().doubleValue()) <= 0.5);
    }

    /** Between the usual levels either decision can be defended. */
    private Found decision() {
        Chances.Decision decided = said.chances().decision();
        return switch (decided) {
            case AGAINST -> facts.value() > NOT_SIGNIFICANT_FROM ? Found.NO : Found.UNSURE;
            case KEEPS -> facts.value() < SIGNIFICANT_TO ? Found.NO : Found.UNSURE;
            case BOTH, NEITHER -> Found.UNSURE;
        };
    }

    private Found strength() {
        double size = Math.abs(facts.value());
        boolean weak = said.says(Sense.WEAK) && (said.affirms(Sense.WEAK) || said.says(Sense.STRONG));
        boolean moderate = said.affirms(Sense.MODERATE);
        boolean strong = said.affirms(Sense.STRONG);
        if (weak && !moderate) {
            return found(size <= WEAK_TO);
        }
        if (moderate && !strong) {
            return found(size >= MODERATE_FROM && size <= MODERATE_TO);
        }
        if (strong && !weak) {
            return found(size >= (moderate ? MODERATE_FROM : STRONG_FROM));
        }
        return weak || moderate ? Found.UNSURE : Found.NO;
    }

    private Found share() {
        boolean given = said.amounts().stream().anyMatch(it -> it.isAbout(it.percent() ? facts.value() * 100 : facts.value()));
        boolean inWords = said.hasWord("all|most|half|thirds?|quarters?|none|tenths?|fifths?|little");
        return given ? Found.YES : inWords ? Found.UNSURE : Found.NO;
    }
}
