package hestra.task;

import java.util.Optional;

import hestra.feedback.Quantity;

/**
 * What predictions are to hold beside a number.
 *
 * @param way what is given and what is predicted
 * @param band the interval that is to be given with each; nothing for none
 * @param trust whether each is to be judged
 * @param meaning whether a prediction may be said to have no meaning: where a variable would be what it cannot be, or the curve
 *     has no such value
 * @param own how a prediction counts that was made from an own wrong equation
 */
public record Predicting(Way way, Optional<Band> band, boolean trust, boolean meaning, OwnEquation own) {

    /** Numbers of y, each with a judgement. */
    public static final Predicting USUAL = new Predicting(Way.Y_FROM_X, Optional.empty(), true, false, OwnEquation.NOT);

    /** What is given and what is predicted. */
    public enum Way {
        Y_FROM_X("y from x"),
        X_FROM_Y("x from y");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** An interval round a prediction of y. */
    public enum Band {
        MEAN("of the mean response", Quantity.MEAN_LOW, Quantity.MEAN_HIGH),
        SINGLE("of a single response", Quantity.SINGLE_LOW, Quantity.SINGLE_HIGH);

        private final String words;
        private final Quantity low;
        private final Quantity high;

        Band(String words, Quantity low, Quantity high) {
            this.words = words;
            this.low = low;
            this.high = high;
        }

        public String inWords() {
            return words;
        }

        Quantity low() {
            return low;
        }

        Quantity high() {
            return high;
        }
    }

    public Predicting {
        if (way == Way.X_FROM_Y && band.isPresent()) {
            throw new IllegalArgumentException("an interval of x");
        }
    }

    /** In the other way; an interval is of y alone. */
    public Predicting with(Way other) {
        return new Predicting(other, other == Way.X_FROM_Y ? Optional.empty() : band, trust, meaning, own);
    }

    public Predicting with(Optional<Band> asked) {
        return new Predicting(way, asked, trust, meaning, own);
    }

    public Predicting judging(boolean asked) {
        return new Predicting(way, band, asked, meaning, own);
    }

    /** Asking whether a prediction has a meaning, or not. */
    public Predicting withMeaning(boolean asked) {
        return new Predicting(way, band, trust, asked, own);
    }

    public Predicting counting(OwnEquation how) {
        return new Predicting(way, band, trust, meaning, how);
    }
}
