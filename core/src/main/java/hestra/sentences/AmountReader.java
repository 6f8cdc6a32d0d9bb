package hestra.sentences;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.numbers.NumberReading;
import hestra.units.Unit;
import hestra.units.UnitReader;

/** Finds the amounts in a text. */
final class AmountReader {

    /** How many words on something still belongs to an amount. */
    static final int NEAR = 4;

    private final Text text;
    private final Topic topic;
    private final Mentions mentions;
    private final Clauses clauses;

    AmountReader(Text text, Topic topic, Mentions mentions, Clauses clauses) {
        this.text = text;
        this.topic = topic;
        this.mentions = mentions;
        this.clauses = clauses;
    }

    /** All amounts, in their order. */
    List<Amount> read() {
        List<Amount> amounts = new ArrayList<>();
        int i = 0;
        while (i < text.size()) {
            Optional<Amount> amount = amountAt(i);
            if (amount.isPresent()) {
                Optional<Amount> step = amounts.isEmpty() ? Optional.empty() : step(amounts.getLast(), amount.get());
                amounts.add(amount.get());
                step.ifPresent(amounts::add);
                i = amount.get().to();
            } else {
                i++;
            }
        }
        return amounts;
    }

    private Optional<Amount> amountAt(int at) {
        Token token = text.token(at);
        BigDecimal value = null;
        int next = at + 1;
        boolean inWords = false;
        boolean bare = false;
        if (token.kind() == Token.Kind.NUMBER) {
            if (!(NumberReading.ofMeasurement(token.text(), topic.mark()) instanceof NumberReading.Value read)) {
                return Optional.empty();
            }
            value = read.typed();
        } else {
            Optional<NumberWords.Read> read = NumberWords.at(text.words(), at);
            if (read.isPresent()) {
                value = read.get().value();
                next = at + read.get().length();
                inWords = true;
                while (next < text.size() && text.is(next, "of|a|an|the")) {
                    next++;
                }
                if (read.get().length() == 1 && text.word(at).equals("one") && clauses.isCondition(at) && !isUnitSoon(next)
                        && !isByOne(at)) {
                    return Optional.empty();
                }
            } else if (token.word().matches("a|an") && at + 1 < text.size() && mentions.unitLength(at + 1) > 0
                    && (clauses.isCondition(at) || isCompared(at + 1 + mentions.unitLength(at + 1))
                            || mentions.isUnitOfX(at + 1) && !mentions.isUnitOfY(at + 1))) {
                value = BigDecimal.ONE;
                bare = true;
            } else if (token.word().matches("an?|any") && clauses.isCondition(at) && isMoreOfX(at + 1)) {
                // "An extra customer", "an additional metre".
                value = BigDecimal.ONE;
                bare = true;
            } else if (token.word().equals("from") && clauses.isCondition(at) && mentions.isUnit(at + 1) && at + 3 < text.size()
                    && mentions.isUnit(at + 3)) {
                // "From metre to metre."
                Optional<Unit> unit = Optional.of(mentions.unit(at + 1));
                return Optional.of(new Amount(BigDecimal.ONE, false, false, unit, Amount.Side.X, true, at, at + 4));
            } else if (Mentions.isPeriodic(token.word())) {
                Unit time = UnitReader.read(Mentions.period(token.word()), Set.of()).orElseThrow().unit();
                return Optional.of(new Amount(BigDecimal.ONE, false, false, Optional.of(time), Amount.Side.X, true, at, at + 1));
            } else if (text.length(Sense.EACH, at) > 0 && clauses.isCondition(at)) {
                value = BigDecimal.ONE;
                next = at + text.length(Sense.EACH, at);
                bare = true;
                if (next < text.size() && (text.token(next).kind() == Token.Kind.NUMBER
                        || NumberWords.at(text.words(), next).isPresent())) {
                    return Optional.empty();
                }
            } else {
                return Optional.empty();
            }
        }
        int skipped = 0;
        while (next < text.size() && skipped < 3 && mentions.unitLength(next) == 0
                && (text.length(Sense.FURTHER, next) > 0 || text.word(next).equals("of") && skipped > 0)) {
            next++;
            skipped++;
        }
        boolean percent = next < text.size() && text.token(next).kind() == Token.Kind.PERCENT;
        Optional<Unit> found = Optional.empty();
        if (next < text.size() && mentions.unitLength(next) > 0) {
            // A percent is a unit where something is measured in it.
            found = percent && !isMeasuredInPercent() ? Optional.empty() : Optional.of(mentions.unit(next));
            next += mentions.unitLength(next);
        } else if (at > 0 && mentions.isSign(at - 1)) {
            // "€2.50"
            found = Optional.of(mentions.unit(at - 1));
        }
        boolean step = topic.x().unit().isBlank() && skipped > 0 && names(next).filter(Amount.Side.X::equals).isPresent();
        if (inWords && found.isEmpty() && !percent && !step && !isByOne(at) && !clauses.isCondition(at)
                && !(next < text.size() && (mentions.isX(next) || mentions.isY(next)))) {
            return Optional.empty();
        }
        boolean per = clauses.isCondition(at);
        if (per && text.isDenied(at, 2)) {
            // "Not each day."
            return Optional.empty();
        }
        return Optional.of(new Amount(value, inWords && !bare, percent, found, step ? Amount.Side.X : side(at, next, found, per),
                per, at, next));
    }

    private boolean isMoreOfX(int at) {
        int further = text.length(Sense.FURTHER, at);
        return further > 0 && (mentions.isUnit(at + further) || names(at + further).filter(Amount.Side.X::equals).isPresent());
    }

    private boolean isMeasuredInPercent() {
        return topic.x().unit().strip().equals("%") || topic.y().unit().strip().equals("%");
    }

    /** "From 5 m to 6 m": the step between two amounts of the same; nothing where they are not so said. */
    private Optional<Amount> step(Amount from, Amount to) {
        boolean said = from.from() > 0 && text.word(from.from() - 1).equals("from") && to.from() - from.to() <= 1
                && to.from() > 0 && text.word(to.from() - 1).equals("to");
        Optional<Unit> unit = to.unit().or(from::unit);
        boolean same = from.unit().isEmpty() || to.unit().isEmpty() || from.unit().get().equalTo(to.unit().get());
        return said && same && !from.inWords()
                ? Optional.of(new Amount(to.value().subtract(from.value()), false, to.percent(), unit, to.side(), to.per(),
                        from.from() - 1, to.to()))
                : Optional.empty();
    }

    /** Whether a word says that one is more or less than another: "a millimetre wider". */
    private boolean isCompared(int at) {
        return text.length(Sense.UP, at) > 0 || text.length(Sense.DOWN, at) > 0
                || at < text.size() && text.word(at).equals("apart");
    }

    /**
     * The variable whose name follows, behind nothing but "up the", "further along the" and the like: "one step up the index".
     */
    private Optional<Amount.Side> names(int from) {
        for (int i = from; i < Math.min(text.size(), from + NEAR); i++) {
            if (mentions.isCalledX(i) != mentions.isCalledY(i)) {
                return Optional.of(mentions.isCalledX(i) ? Amount.Side.X : Amount.Side.Y);
            }
            if (!text.is(i, "up|down|along|on|in|of|the|a|an|more|higher|lower")) {
                break;
            }
        }
        return Optional.empty();
    }

    /** "Goes up by one", "an increase of one": of a variable that has no unit. */
    private boolean isByOne(int at) {
        return topic.x().unit().isBlank() && at > 0 && text.is(at - 1, "by|of");
    }

    private boolean isUnitSoon(int from) {
        return text.within(from, from + NEAR)
                .anyMatch(i -> mentions.unitLength(i) > 0 || mentions.isX(i) || text.length(Sense.FURTHER, i) > 0);
    }

    /**
     * Which variable an amount is of: the one that is named right behind it; else by its unit; else by the clause it stands in.
     */
    private Amount.Side side(int from, int to, Optional<Unit> found, boolean per) {
        for (int i = to; i < Math.min(text.size(), to + NEAR) && !text.token(i).isMark(); i++) {
            boolean close = i == to || text.is(to, "of|in") || i == to + 1 && text.length(Sense.FURTHER, to) > 0;
            if (clauses.isCondition(i) != clauses.isCondition(from)) {
                break;
            }
            if (close && mentions.isCalledX(i) != mentions.isCalledY(i)) {
                return mentions.isCalledX(i) ? Amount.Side.X : Amount.Side.Y;
            }
        }
        boolean isX = found.filter(it -> it.isOfSameKind(topic.unitOfX())).isPresent();
        boolean isY = found.filter(it -> it.isOfSameKind(topic.unitOfY())).isPresent();
        boolean xBehind = to < text.size() && mentions.isX(to) && !mentions.isY(to);
        if (!per && isX && isY && found.get().equalTo(topic.unitOfX()) && !found.get().equalTo(topic.unitOfY())
                && (xBehind || nearestBefore(from) == Amount.Side.X)) {
            return Amount.Side.X;
        }
        if (isX != isY && !topic.unitOfX().isOfSameKind(topic.unitOfY())) {
            return isX ? Amount.Side.X : Amount.Side.Y;
        }
        return per ? Amount.Side.X : Amount.Side.Y;
    }

    /** The variable that was named last before a place, in the same clause; null for none. */
    private Amount.Side nearestBefore(int at) {
        for (int i = at - 1; i >= Math.max(0, at - NEAR) && !text.token(i).isMark(); i--) {
            if (mentions.isOne(i)) {
                return mentions.side(i);
            }
        }
        return null;
    }
}
