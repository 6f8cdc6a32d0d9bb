package hestra.targets;

import java.util.OptionalDouble;

import hestra.fit.Diagnostics;

/** What a condition may look at in a point. */
public enum PointMeasure {
    LEVERAGE("leverage"),
    INFLUENCE("influence (Cook\u2019s distance)"),
    RESIDUAL("residual");

    private final String words;

    PointMeasure(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    OptionalDouble of(Diagnostics.Point point) {
        return switch (this) {
            case LEVERAGE -> point.leverage();
            case INFLUENCE -> point.cooksDistance();
            case RESIDUAL -> OptionalDouble.of(point.residual());
        };
    }
}
