package hestra.task;

import hestra.data.Pairs;

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

    /** A description proposed from the data, for the instructor to confirm: what an eye sees in them, see {@link Sight}. */
    public static Description proposedFor(Pairs pairs) {
        return Sight.of(pairs);
    }
}
