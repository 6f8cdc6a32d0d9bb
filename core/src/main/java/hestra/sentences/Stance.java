package hestra.sentences;

import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** Whether a text stands by what it says, or denies, doubts or asks the whole of it: "it is not true that …". */
final class Stance {

    private static final int REACH = 6;

    private final Text text;

    Stance(Text text) {
        this.text = text;
    }

    /**
     * Whether everything of a kind that it says stands behind a denial of the whole.
     *
     * @param content where something of the kind stands
     */
    boolean isDenied(IntPredicate content) {
        int[] places = IntStream.range(0, text.size()).filter(content).toArray();
        return places.length > 0 && IntStream.of(places).allMatch(this::isDeniedAt);
    }

    private boolean isDeniedAt(int at) {
        int from = at;
        while (from > 0 && text.token(from - 1).kind() != Token.Kind.STOP && !text.is(from - 1, "but|only")) {
            from--;
        }
        int to = at;
        while (to < text.size() && text.token(to).kind() != Token.Kind.STOP && !text.word(to).equals("but")) {
            to++;
        }
        if (to < text.size() && text.token(to).text().contains("?")) {
            return true;
        }
        for (int i = from; i < at; i++) {
            if (text.is(i, "that|whether|if") && (isOpenedByDenial(from, i) || isDeniedBehind(from, i, to))) {
                return true;
            }
        }
        return false;
    }

    /** "It is not true | that", "nobody can say | that", "I doubt | that"; not "there is no doubt | that". */
    private boolean isOpenedByDenial(int from, int that) {
        int back = Math.max(from, that - REACH);
        boolean not = IntStream.range(back, that).anyMatch(i -> text.isOf(Sense.NOT, i));
        boolean denial = IntStream.range(back, that).anyMatch(i -> text.isOf(Sense.DENIAL, i));
        boolean claim = IntStream.range(back, that).anyMatch(i -> text.isOf(Sense.CLAIM, i));
        boolean clauseOpens = IntStream.range(from, back).noneMatch(i -> text.token(i).kind() == Token.Kind.NUMBER);
        return clauseOpens && (denial ? !not : not && claim);
    }

    /** "The claim | that … cannot be made". */
    private boolean isDeniedBehind(int from, int that, int to) {
        return that > from && text.is(that - 1, "claim|statement|idea|belief|view|hypothesis")
                && IntStream.range(Math.max(that, to - REACH), to)
                .anyMatch(i -> text.isOf(Sense.NOT, i) || text.isOf(Sense.DENIAL, i));
    }
}
