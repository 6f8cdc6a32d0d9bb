package hestra.sentences;

/** Whether a text says that a place lies inside the data or beyond them. */
final class Reach {

    private static final int DENIED = 6;
    private static final int NEAR = 4;

    private final Text text;

    Reach(Text text) {
        this.text = text;
    }

    /** Where a place is said to lie. */
    enum Place {
        INSIDE,
        BEYOND,
        BOTH,
        NEITHER
    }

    Place place() {
        boolean inside = false;
        boolean beyond = false;
        for (int i = 0; i < text.size(); i++) {
            boolean denied = isDenied(i);
            if (text.isOf(Sense.BEYOND, i)) {
                inside |= denied;
                beyond |= !denied;
            } else if (text.isOf(Sense.INSIDE, i) && !isWithinBeyond(i)) {
                inside |= !denied;
                beyond |= denied;
            }
            beyond |= text.isOf(Sense.MEASURED, i) && denied && !isWithinBeyond(i) || isPastTheMost(i) || isEndOfData(i);
            inside |= isSuch(i) || isInRange(i);
        }
        return inside && beyond ? Place.BOTH : inside ? Place.INSIDE : beyond ? Place.BEYOND : Place.NEITHER;
    }

    /** Whether "not" or the like stands before a place in the same clause. */
    private boolean isDenied(int at) {
        return text.stands(i -> text.isOf(Sense.NOT, i) && !text.is(i, "little"), at, DENIED,
                i -> text.token(i).isMark() || text.is(i, "but|as|because|since"));
    }

    /** Whether a place belongs to "beyond the data", or "not outside the data" has been read already. */
    private boolean isWithinBeyond(int at) {
        return text.before(at, NEAR).anyMatch(i -> text.isOf(Sense.BEYOND, i) && isDenied(i)
                || text.length(Sense.BEYOND, i) > at - i);
    }

    /** "Deeper than any that we had", "above the largest", "no trip was longer than 30 km". */
    private boolean isPastTheMost(int at) {
        String word = text.word(at);
        if (word.equals("than") && at > 0) {
            boolean compared = text.before(at, 3)
                    .anyMatch(i -> text.is(i, "\\p{L}{3,}er|more|less|further"));
            boolean ofAll = soon(at + 1, "any|anything|all|every|ever|everything|most|those|our|the|what");
            boolean noneMore = isDenied(at) && text.within(at + 1, at + 3)
                    .anyMatch(i -> text.token(i).kind() == Token.Kind.NUMBER);
            return compared && (ofAll && !isDenied(at) && !saysOfLine(at) || noneMore);
        }
        if (word.equals("too")) {
            // "Too deep for our data."
            return soon(at + 1, "for") && !isDenied(at);
        }
        return word.matches("above|below|past|over|beyond|after|under|outside|exceeds?")
                && soon(at + 1, "last|first|\\p{L}{3,}est|most|all|any|range|data|measurements");
    }

    /** "Than the line says", "than predicted". */
    private boolean saysOfLine(int at) {
        return soon(at + 1, "line|predict.*|model|expected|average|mean");
    }

    /** "Our data stop at 25 %", "we have data only up to 15 m", "our longest trip was 30 km". */
    private boolean isEndOfData(int at) {
        boolean goes = text.is(at, "ends?|ended|stops?|stopped|reach|reaches|starts?|started|begins?|began|goes|go|went|runs?");
        if (goes || text.is(at, "data|had|have|up")) {
            boolean ofData = !goes || text.before(at, NEAR).anyMatch(i -> text.isOf(Sense.MEASURED, i)
                    || text.is(i, "data|range|measurements|values|sample|points|table"));
            return ofData && soon(at + 1, "up|until|till|at|from|with|only|down|to") && number(at + 1, NEAR + 1)
                    && (goes || text.is(at, "data") || isUpTo(at) || isOnly(at));
        }
        return text.is(at, "\\p{L}{3,}est") && !text.is(at, "least|best|interest|suggest|honest|west|rest|test|latest|request")
                && number(at + 1, DENIED)
                && text.within(at + 1, at + NEAR + 1).anyMatch(i -> text.is(i, "was|is|were|had|has"));
    }

    private boolean isUpTo(int at) {
        return text.is(at, "up") && text.size() > at + 1 && text.is(at + 1, "to");
    }

    private boolean isOnly(int at) {
        return soon(at + 1, "only") || text.before(at, 3).anyMatch(i -> text.is(i, "only"));
    }

    /** "Such depths were measured", "we had such days". */
    private boolean isSuch(int at) {
        if (!text.is(at, "such|these|those") || isDenied(at)) {
            return false;
        }
        return text.clause(at + 1, at + NEAR + 1)
                .anyMatch(i -> text.isOf(Sense.MEASURED, i) && !isDenied(i) && !text.is(i, "there"))
                || text.before(at, 3).anyMatch(this::isOfWhatWeHad);
    }

    private boolean isOfWhatWeHad(int at) {
        return text.is(at, "had|have|include|includes|are|were|measured|saw|tried|at") && !isDenied(at)
                && text.before(at, 2).anyMatch(i -> text.is(i, "we|data|there|sample|were|measured|have|our"));
    }

    /** "In the observed range". */
    private boolean isInRange(int at) {
        return text.is(at, "in|within|inside") && !isDenied(at) && soon(at + 1, "range|data|sample|interval")
                && !isWithinBeyond(at);
    }

    private boolean soon(int from, String words) {
        return text.clause(from, from + NEAR - 1)
                .anyMatch(i -> text.is(i, words));
    }

    private boolean number(int from, int reach) {
        return text.clause(from, from + reach)
                .anyMatch(i -> text.token(i).kind() == Token.Kind.NUMBER);
    }
}
