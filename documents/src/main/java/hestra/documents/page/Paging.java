package hestra.documents.page;

import java.util.ArrayList;
import java.util.List;

/**
 * Where pages end. Pieces of known height stand one below the other; a page ends only between two of them, and not where what
 * follows belongs to what is before. Pieces that may be made lower or higher, which are plots, make room for one more piece, or
 * fill what is left.
 */
final class Paging {

    /** A page that is filled less than this is looked at again: what belongs together only loosely may be parted. */
    static final double WELL_FILLED = 0.7;
    private static final double HAIR = 0.01;

    private Paging() {}

    /** How a piece belongs to the one after it. */
    enum Bond {
        /** Not: a page may end here. */
        NONE,
        /** They stay together where a page is well filled without them. */
        LOOSE,
        /** They stay together. */
        FAST
    }

    /**
     * A piece.
     *
     * @param height how high it is, in points, with the room to the next
     * @param least how low it may be made
     * @param most how high
     * @param again how much higher it is where a page begins with it, by a heading that is repeated
     * @param bond how it belongs to the next
     */
    record Slab(double height, double least, double most, double again, Bond bond) {

        /** One that has one height. */
        static Slab of(double height, Bond bond) {
            return new Slab(height, height, height, 0, bond);
        }
    }

    /**
     * A page.
     *
     * @param from the first of its pieces
     * @param to the first that is not on it
     * @param heights how high each of them is made
     */
    record Leaf(int from, int to, double[] heights) {

        double height() {
            double sum = 0;
            for (double height : heights) {
                sum += height;
            }
            return sum;
        }
    }

    /** The pages, each of this height, on which the pieces stand. A piece that is higher than a page is a page by itself. */
    static List<Leaf> leaves(List<Slab> slabs, double height) {
        List<Leaf> leaves = new ArrayList<>();
        int from = 0;
        while (from < slabs.size()) {
            int to = end(slabs, from, height, Bond.NONE);
            if (to < slabs.size() && most(slabs, from, to) < WELL_FILLED * height) {
                to = Math.max(to, end(slabs, from, height, Bond.LOOSE));
            }
            if (to == from) {
                to = Math.max(from + 1, end(slabs, from, height, Bond.FAST));
            }
            leaves.add(new Leaf(from, to, heights(slabs, from, to, height)));
            from = to;
        }
        return leaves;
    }

    /** Behind the last piece that still fits and that is bound to the next no faster than this; {@code from} where none does. */
    private static int end(List<Slab> slabs, int from, double height, Bond fastest) {
        double used = slabs.get(from).again;
        int end = from;
        for (int i = from; i < slabs.size(); i++) {
            used += slabs.get(i).least;
            if (used > height + HAIR) {
                break;
            }
            if (i == slabs.size() - 1 || slabs.get(i).bond.compareTo(fastest) <= 0) {
                end = i + 1;
            }
        }
        return end;
    }

    private static double most(List<Slab> slabs, int from, int to) {
        return from == to ? 0 : slabs.subList(from, to).stream().mapToDouble(Slab::most).sum() + slabs.get(from).again;
    }

    /** Their own heights; lower where they would not fit, and higher where the page would not be filled. */
    private static double[] heights(List<Slab> slabs, int from, int to, double height) {
        double[] heights = slabs.subList(from, to).stream().mapToDouble(Slab::height).toArray();
        double sum = slabs.get(from).again;
        double give = 0;
        double take = 0;
        for (int i = from; i < to; i++) {
            sum += slabs.get(i).height;
            give += slabs.get(i).height - slabs.get(i).least;
            take += slabs.get(i).most - slabs.get(i).height;
        }
        double share = share(height - sum, to < slabs.size() ? WELL_FILLED * height - sum : 0, give, take);
        for (int i = from; i < to; i++) {
            Slab slab = slabs.get(i);
            heights[i - from] += share < 0 ? share * (slab.height - slab.least) : share * (slab.most - slab.height);
        }
        heights[0] += slabs.get(from).again;
        return heights;
    }

    /**
     * How far the pieces of a page go towards their least height, down to \u22121, or their greatest, up to 1.
     *
     * @param over what is left of the page; below 0 where they do not fit
     * @param lacking what the page lacks to be well filled
     */
    private static double share(double over, double lacking, double give, double take) {
        if (over < 0) {
            return give == 0 ? 0 : Math.max(-1, over / give);
        }
        return lacking <= 0 || take == 0 ? 0 : Math.min(1, lacking / take);
    }
}
