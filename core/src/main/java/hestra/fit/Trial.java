package hestra.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.Pairs;

/**
 * A curve tried by eye: the one of its family that passes through its handles.
 *
 * @param curve the family; not a wave, which handles do not settle
 * @param handles as many as the curve has coefficients, no two at one x, in the order in which they are held
 */
public record Trial(Curve curve, List<Handle> handles) {

    /** A place that the curve passes through. */
    public record Handle(double x, double y) {
        public Handle {
            if (!Double.isFinite(x) || !Double.isFinite(y)) {
                throw new IllegalArgumentException("a handle at " + x + ", " + y);
            }
        }
    }

    public Trial {
        handles = List.copyOf(handles);
        if (handles.size() != curve.coefficients() || curve instanceof Curve.Wave) {
            throw new IllegalArgumentException(handles.size() + " handles for a " + curve.inWords());
        }
    }

    /**
     * A curve to begin with: its handles lie level, evenly spaced over a range, at a height. A curve that may not lie level is
     * tilted a little.
     *
     * @param within the range of x
     * @param y the height
     * @param rise how much higher the last handle lies than the first
     */
    public static Trial level(Curve curve, Interval within, double y, double rise) {
        int count = curve.coefficients();
        List<Handle> handles = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double share = count == 1 ? 0.5 : 0.15 + 0.7 * i / (count - 1);
            handles.add(new Handle(within.low() + share * (within.high() - within.low()), y + (share - 0.5) * rise));
        }
        return new Trial(curve, handles);
    }

    /** The same curve with a handle elsewhere. */
    public Trial withHandle(int index, Handle handle) {
        List<Handle> changed = new ArrayList<>(handles);
        changed.set(index, handle);
        return new Trial(curve, changed);
    }

    /** Whether a curve of the family passes through the handles. */
    public boolean isPossible() {
        return through().isPresent();
    }

    /** The curve set against data; nothing where no curve of the family passes through the handles. */
    public Optional<TrialFit> on(Pairs pairs) {
        return through().map(fit -> new TrialFit(fit, pairs));
    }

    private Optional<CurveFit> through() {
        Pairs through = Pairs.of(handles.stream().mapToDouble(Handle::x).toArray(), handles.stream()
                .mapToDouble(Handle::y).toArray());
        return LeastSquares.fit(curve, through).curveFit();
    }
}
