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

    private final Aspect.About about;
    private final Said said;
    private final Facts facts;
    private final Topic topic;
    private final Optional<Per> slope;
    private final boolean isDenied;

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
     * @param misconception whether what is there is wrong in itself, and not only left out
     */
    public record Finding(Aspect aspect, Found found, String todo, boolean misconception) {}

    /**
     * An amount of y for an amount of x that is the slope: with their units taken as they are written, or by the bare numbers
     * alone.
     */
    private record Per(Amount y, Optional<Amount> x, boolean withUnits) {}

    private Rubric(Aspect.About about, Said said, Facts facts) {
        this.about = about;
        this.said = said;
        this.facts = facts;
        this.topic = said.topic();
        this.slope = about == Aspect.About.SLOPE ? slope() : Optional.empty();
        this.isDenied = about.aspects().contains(Aspect.STATED) && said.isDeniedAsAWhole(about == Aspect.About.R
                ? said::isOfStrengthOrWay : this::isGiven);
    }

    /** What is found in a text, but for what is switched off. */
    public static List<Finding> findings(Aspect.About about, Said said, Facts facts, Set<Aspect> off) {
        return new Rubric(about, said, facts).findings(off);
    }

    private List<Finding> findings(Set<Aspect> off) {
        return about.aspects().stream().filter(it -> !off.contains(it)).map(this::finding)
                .filter(it -> it.found() != Found.UNSURE).toList();
    }

    private Finding finding(Aspect aspect) {
        // What is denied as a whole, or said the wrong way round, goes no way.
        boolean goesNoWay = (aspect == Aspect.DIRECTION || aspect == Aspect.STRENGTH) && (isDenied || said.isWrongWayRound());
        Found found = goesNoWay ? Found.UNSURE : find(aspect);
        boolean missing = found == Found.NO;
        boolean isNumber = aspect == Aspect.NUMBER || aspect == Aspect.SHARE;
        Optional<Facts.Other> other = missing && isNumber ? other(aspect == Aspect.SHARE) : Optional.empty();
        String todo = aspect.todo(topic)
                + other.map(it -> " of the " + about.inWords() + ": the one given is " + it.name()).orElse("");
        return new Finding(aspect, found, todo, missing && (aspect.isMisconception() || other.isPresent()));
    }

    /** The passages by which what is there was found, in their order; none overlap. */
    public static List<Passage> passages(Aspect.About about, Said said, Facts facts, Set<Aspect> off) {
        Rubric rubric = new Rubric(about, said, facts);
        Optional<Amount> number = rubric.slope.map(Per::y).or(rubric::value);
        return new Passages(said, number).of(rubric.findings(off));
    }

    private Found find(Aspect aspect) {
        return switch (aspect) {
            // Only said where it is no sentence.
            case SENTENCE -> said.isBareList() ? Found.NO : Found.UNSURE;
            case STATED -> isDenied ? Found.NO : Found.UNSURE;
            case VARIABLES -> found(said.namesX() && said.namesY());
            case RESPONSE -> found(said.namesY());
            case WAY_ROUND -> said.isWrongWayRound() ? Found.NO : Found.UNSURE;
            case NUMBER -> about == Aspect.About.P
                    ? found(said.amounts().stream().anyMatch(this::isP))
                    : found(about == Aspect.About.SLOPE ? slope.isPresent() : value().isPresent());
            case UNIT -> about == Aspect.About.SLOPE ? unitsOfSlope()
                    : topic.y().unit().isBlank() ? Found.UNSURE
                    : value().isPresent() ? found(value().filter(this::isInUnitOfY).isPresent())
                    : found(anyOfY().isPresent());
            case DIRECTION -> about == Aspect.About.R ? direction() : way();
            case STRENGTH -> strength();
            case LINEAR -> found(said.says(Sense.LINEAR));
            case SHARE -> share();
            case VARIATION -> found(said.says(Sense.VARIATION));
            case OF_RESPONSE ->
                    said.says(Sense.VARIATION)
                    ? said.variationOf().map(it -> found(it == Amount.Side.Y))
                    .orElse(said.namesY() ? Found.UNSURE : Found.NO) : found(said.namesY());
            case GOES_WITH -> found(said.namesX() && said.says(Sense.EXPLAINED));
            case NOT_OF_POINTS ->
                    said.amounts().stream().anyMatch(it -> said.follows(it, Sense.OF_POINTS, 1) && !said.denies(it))
                    ? Found.NO : Found.YES;
            case NOT_ACCURACY -> found(!said.affirms(Sense.ACCURATE));
            case AT_ZERO -> found(said.says(Sense.ZERO) || said.amounts().stream().anyMatch(it -> it.value().signum() == 0));
            case MEANING -> facts.inside() ? Found.UNSURE : isBeyond();
            case PLACE -> found(said.amounts().stream().filter(this::mayBeOfX)
                    .anyMatch(it -> it.isAbout(facts.at() / ratio(it.unit(), topic.unitOfX()))
                            || it.value().doubleValue() == facts.at()));
            case REACH -> facts.inside() ? isInside() : isBeyond();
            case TYPICAL -> found(said.says(Sense.TYPICAL) || said.saysMost());
            case DISTANCE -> found(said.says(Sense.DISTANCE));
            case PREDICTION -> said.affirms(Sense.CERTAIN) ? Found.NO
                    : said.says(Sense.AVERAGE) || said.hasWord("lines?|line's|model|regression|equation|intercept") ? Found.YES
                    : said.hasWord("slopes?|gradient") && said.hasWord("means|shows|tells|says") ? Found.UNSURE : Found.NO;
            case CHANCE -> found(said.says(Sense.CHANCE) || said.amounts().stream().anyMatch(this::isOutOfMany));
            case IF_NONE -> found(said.chances().isGivenNone());
            case AS_FAR -> found(said.says(Sense.AS_FAR));
            case NOT_OF_NONE -> said.chances().isOfNone() ? Found.NO : Found.UNSURE;
            case DECISION -> said.chances().decision() != Chances.Decision.NEITHER ? Found.YES
                    : said.goesOn(Sense.NO_RELATION, Sense.AS_FAR) ? Found.UNSURE : Found.NO;
            case DECISION_WAY -> decision();
            case NO_CAUSE -> found(!said.claimsCause(about == Aspect.About.R_SQUARED));
        };
    }

    /** Whether an amount that is given stands at a place, or any where all are what another would be given for. */
    private boolean isGiven(int at) {
        boolean all = said.amounts().stream().allMatch(Amount::per);
        return said.amounts().stream().anyMatch(it -> it.from() == at && (all || !it.per()));
    }

    private Found isInside() {
        return switch (said.place()) {
            case INSIDE -> Found.YES;
            case BEYOND -> Found.NO;
            case BOTH -> Found.UNSURE;
            case NEITHER -> notFound();
        };
    }

    private Found isBeyond() {
        Reach.Place place = said.place();
        return said.says(Sense.MEANINGLESS) || place == Reach.Place.BEYOND ? Found.YES
                : place == Reach.Place.BOTH ? Found.UNSURE : place == Reach.Place.NEITHER ? notFound() : Found.NO;
    }

    /** What is said in a clause more may be said in words that are not known. */
    private Found notFound() {
        return said.goesOn() ? Found.UNSURE : Found.NO;
    }

    private static Found found(boolean is) {
        return is ? Found.YES : Found.NO;
    }

    private Stream<Amount> ofY() {
        return said.amounts().stream().filter(it -> it.side() == Amount.Side.Y && (!it.percent() || it.unit().isPresent())
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
        boolean y = topic.y().unit().isBlank() || isIn(per.y, topic.unitOfY())
                || per.y.unit().isEmpty() && said.hasUnitBesideY(topic.unitOfY());
        boolean x = per.x.isPresent() && (topic.x().unit().isBlank() || isIn(per.x.get(), topic.unitOfX()));
        return per.withUnits && y && x;
    }

    private Found unitsOfSlope() {
        if (hasUnitsOfSlope()) {
            return Found.YES;
        }
        // The number and its unit are right, and what it is for stands there in a way that is not read.
        boolean there = slope.filter(it -> it.withUnits && it.x.isEmpty()).isPresent() && !topic.x().unit().isBlank()
                && said.amounts().stream().noneMatch(it -> it.per() && it.unit().isPresent() && !isIn(it, topic.unitOfX()))
                && said.hasUnit(topic.unitOfX()) && !topic.unitOfX().isOfSameKind(topic.unitOfY());
        return there ? Found.UNSURE : Found.NO;
    }

    private boolean hasUnitsOfSlope() {
        if (slope.isPresent()) {
            return hasUnits(slope.get());
        }
        boolean needsX = !topic.x().unit().isBlank();
        return (topic.y().unit().isBlank() || ofY().anyMatch(it -> isIn(it, topic.unitOfY())) || said.hasUnit(topic.unitOfY()))
                && (needsX ? ofX().stream().anyMatch(it -> isIn(it, topic.unitOfX())) : said.hasConditions());
    }

    /** The amount that is the value: in its unit before by the bare number. */
    private Optional<Amount> value() {
        List<Amount> all = said.amounts().stream().filter(it -> !it.percent() || it.unit().isPresent()).toList();
        return all.stream().filter(it -> it.isAbout(facts.value() / ratio(it.unit(), topic.unitOfY()))).findFirst()
                .or(() -> all.stream().filter(it -> it.isAbout(facts.value())).findFirst())
                .or(() -> facts.value() == 0
                ? said.amounts().stream().filter(it -> it.value().signum() == 0).findFirst() : Optional.empty());
    }

    /** Not where y is named right behind it, or its unit is that of y alone. */
    private boolean mayBeOfX(Amount amount) {
        return amount.unit().isPresent() ? isIn(amount, topic.unitOfX()) || !isIn(amount, topic.unitOfY())
                : amount.side() == Amount.Side.X || !said.isNamedYBehind(amount);
    }

    private boolean isInUnitOfY(Amount amount) {
        return isIn(amount, topic.unitOfY()) && (facts.value() == 0
                || amount.isAbout(facts.value() / ratio(amount.unit(), topic.unitOfY())));
    }

    /** Another number of the data that is given in place of the right one: with two digits at least. */
    private Optional<Facts.Other> other(boolean share) {
        return facts.others().stream().filter(other -> said.amounts().stream()
                .anyMatch(it -> it.value().abs().precision() >= 2 && !it.inWords()
                        && it.isAbout(share && it.percent() ? other.value() * 100 : other.value()))).findFirst();
    }

    private Optional<Amount> anyOfY() {
        return said.amounts().stream().filter(it -> isIn(it, topic.unitOfY())).findFirst();
    }

    private Found way() {
        return switch (said.way()) {
            case UP -> found(facts.value() >= 0);
            case DOWN -> found(facts.value() <= 0);
            case BOTH -> Found.UNSURE;
            case NEITHER -> said.mayGoSomeWay() || said.hasWord("brings?|gives?|yields?") ? Found.UNSURE : Found.NO;
        };
    }

    private Found direction() {
        boolean negative = said.affirms(Sense.NEGATIVE);
        boolean positive = said.affirms(Sense.POSITIVE);
        if (negative != positive) {
            return found(negative == facts.value() < 0);
        }
        Found way = way();
        if (negative) {
            return way == Found.NO && said.way() == Said.Way.NEITHER ? Found.UNSURE : way;
        }
        return way == Found.YES ? way : said.growTogether().map(it -> found(it == facts.value() >= 0)).orElse(way);
    }

    /** Whether an amount is p, as a part or in percent, or a bound that it lies below. */
    private boolean isP(Amount amount) {
        double p = amount.percent() ? facts.value() * 100 : facts.value();
        return amount.isAbout(p) || amount.value().signum() > 0 && amount.isRounded(p) || isOutOf(amount, p)
                || said.isBound(amount) && amount.value().doubleValue() > p
                && amount.value().doubleValue() <= (amount.percent() ? 100 * GREATEST_BOUND : GREATEST_BOUND);
    }

    /** "3 in 1000": some out of many. */
    private boolean isOutOfMany(Amount part) {
        return said.amounts().stream().anyMatch(whole -> whole.from() > part.to() && whole.from() <= part.to() + 3
                && whole.value().doubleValue() >= 20 && whole.value().compareTo(part.value()) > 0);
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
        boolean nearly = said.isNearlyLinear();
        if (!strong && !weak && nearly) {
            return found(size >= STRONG_FROM);
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
