package hestra.task;

import hestra.data.Pairs;
import hestra.fit.LeastSquares;
import hestra.fit.LineFit;

/**
 * What a scatter plot shows, by choices.
 *
 * @param direction rising, falling or neither
 * @param form straight, curved or no pattern
 * @param strength strong, moderate or weak
 * @param unusual how many points stand apart
 */
public record Description(Direction direction, Form form, Strength strength, Unusual unusual) {

    /** One of the choices, in the words of the sheet. */
    public interface Choice {
        String inWords();
    }

    /** Whether y goes up or down as x goes up. */
    public enum Direction implements Choice {
        RISING("rising"),
        FALLING("falling"),
        NEITHER("neither");

        private final String words;

        Direction(String words) {
            this.words = words;
        }

        @Override
        public String inWords() {
            return words;
        }
    }

    /** The shape of the pattern. */
    public enum Form implements Choice {
        STRAIGHT("straight"),
        CURVED("curved"),
        NONE("no pattern");

        private final String words;

        Form(String words) {
            this.words = words;
        }

        @Override
        public String inWords() {
            return words;
        }
    }

    /** How closely the points follow the pattern. */
    public enum Strength implements Choice {
        STRONG("strong"),
        MODERATE("moderate"),
        WEAK("weak");

        private final String words;

        Strength(String words) {
            this.words = words;
        }

        @Override
        public String inWords() {
            return words;
        }
    }

    /** How many points stand apart from the rest. */
    public enum Unusual implements Choice {
        NONE("none"),
        ONE("one"),
        SEVERAL("several");

        private final String words;

        Unusual(String words) {
            this.words = words;
        }

        @Override
        public String inWords() {
            return words;
        }
    }

    public String inWords() {
        return direction.inWords() + " · " + form.inWords() + " · " + strength.inWords() + " · unusual: "
                + unusual.inWords();
    }

    /**
     * A description proposed from the data, for the instructor to confirm: direction from the sign of r, strength from
     * |r| (strong from 0.8, weak below 0.5), form straight unless the pattern is too weak to tell. A point more than three
     * residual standard errors off the line counts as unusual.
     */
    public static Description proposedFor(Pairs pairs) {
        if (!(LeastSquares.line(pairs) instanceof LineFit line) || line.r().isEmpty()) {
            return new Description(Direction.NEITHER, Form.NONE, Strength.WEAK,
                    Unusual.NONE);
        }
        double r = line.r().getAsDouble();
        double size = Math.abs(r);
        boolean pattern = size >= 0.3;
        double s = line.residualStandardError().orElse(0);
        long unusual = 0;
        for (int i = 0; i < pairs.size(); i++) {
            unusual += Math.abs(line.residualOf(pairs.x(i), pairs.y(i))) > 3 * s ? 1 : 0;
        }
        return new Description(
                !pattern ? Direction.NEITHER
                        : r > 0 ? Direction.RISING : Direction.FALLING,
                pattern ? Form.STRAIGHT : Form.NONE,
                size >= 0.8 ? Strength.STRONG
                        : size >= 0.5 ? Strength.MODERATE : Strength.WEAK,
                s == 0 || unusual == 0 ? Unusual.NONE
                        : unusual == 1 ? Unusual.ONE : Unusual.SEVERAL);
    }
}
