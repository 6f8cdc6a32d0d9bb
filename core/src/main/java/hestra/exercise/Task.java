package hestra.exercise;

import java.util.List;

import hestra.numbers.Rounding;

/** One task of an exercise: what is asked. The right answer is computed from the data, see {@code hestra.feedback}. */
public sealed interface Task {

    Terms terms();

    /** The same task under other terms. */
    Task with(Terms terms);

    default String id() {
        return terms().id();
    }

    /**
     * The student types the last pairs of the printed table.
     *
     * @param count how many of the last rows are left for the student, at least 1
     */
    record EnterData(Terms terms, int count) implements Task {
        public EnterData {
            if (count < 1) {
                throw new IllegalArgumentException("count " + count);
            }
        }

        @Override
        public Task with(Terms other) {
            return new EnterData(other, count);
        }
    }

    /** The student says which variable explains and which responds. */
    record ChooseRoles(Terms terms) implements Task {
        @Override
        public Task with(Terms other) {
            return new ChooseRoles(other);
        }
    }

    /**
     * The student describes the scatter plot by choices and a sentence.
     *
     * @param key the right choices, as the instructor confirmed them
     */
    record Describe(Terms terms, Description key) implements Task {
        @Override
        public Task with(Terms other) {
            return new Describe(other, key);
        }
    }

    /**
     * One value of the printed table stands wrongly in the student's table. The student finds it and mends it, or sets
     * the row aside with a reason.
     *
     * @param row the row, from 0
     * @param column the column, from 0
     * @param shown what stands there instead, as text
     */
    record FindSlip(Terms terms, int row, int column, String shown) implements Task {
        public FindSlip {
            if (row < 0 || column < 0) {
                throw new IllegalArgumentException("row " + row + ", column " + column);
            }
        }

        @Override
        public Task with(Terms other) {
            return new FindSlip(other, row, column, shown);
        }
    }

    /** The student reads one value of the fit. */
    record ReadValue(Terms terms, Quantity quantity, Rounding rounding) implements Task {
        @Override
        public Task with(Terms other) {
            return new ReadValue(other, quantity, rounding);
        }
    }

    /**
     * The student predicts y at several x and says which prediction to trust.
     *
     * @param at the x values, 1 to 12 of them
     */
    record Predict(Terms terms, List<Double> at, Rounding rounding) implements Task {
        /** The most x values asked. */
        public static final int MOST = 12;

        public Predict {
            at = List.copyOf(at);
            if (at.isEmpty() || at.size() > MOST || !at.stream().allMatch(Double::isFinite)) {
                throw new IllegalArgumentException("predict at " + at);
            }
        }

        @Override
        public Task with(Terms other) {
            return new Predict(other, at, rounding);
        }
    }

    /** The student explains the slope in a sentence. */
    record ExplainSlope(Terms terms) implements Task {
        @Override
        public Task with(Terms other) {
            return new ExplainSlope(other);
        }
    }
}
