package hestra.equations;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sum of terms c · xᵖ · e^(k x) · (ln x)ᵐ: all that the equations of the curves are made of.
 *
 * @param terms each of another kind than the others, none with a coefficient of 0
 */
record Sum(List<Term> terms) {

    /** Exponents that differ by less are the same. */
    private static final double SAME = 1e-12;
    private static final int MOST_TERMS = 40;
    private static final int MOST_POWER = 8;

    /**
     * One of them.
     *
     * @param coefficient c
     * @param power p
     * @param rate k
     * @param logs m
     */
    record Term(double coefficient, double power, double rate, int logs) {
        boolean isOfKind(Term other) {
            return Math.abs(power - other.power) < SAME && Math.abs(rate - other.rate) < SAME && logs == other.logs;
        }

        boolean isConstant() {
            return isOfKind(new Term(1, 0, 0, 0));
        }
    }

    Sum {
        terms = List.copyOf(terms);
    }

    static Sum of(double constant) {
        return constant == 0 ? new Sum(List.of()) : new Sum(List.of(new Term(constant, 0, 0, 0)));
    }

    static Sum x() {
        return new Sum(List.of(new Term(1, 1, 0, 0)));
    }

    /** The number it is; nothing where it depends on x. */
    Optional<Double> constant() {
        return terms.isEmpty() ? Optional.of(0.0)
                : terms.size() == 1 && terms.getFirst().isConstant() ? Optional.of(terms.getFirst().coefficient())
                : Optional.empty();
    }

    /** Its value at x; not a number where a term is not defined there. */
    double at(double x) {
        return terms.stream().mapToDouble(it -> it.coefficient() * Math.pow(x,
                it.power()) * Math.exp(it.rate() * x) * (it.logs() == 0 ? 1 : Math.pow(Math.log(x), it.logs()))).sum();
    }

    Sum plus(Sum other) {
        List<Term> all = new ArrayList<>(terms);
        for (Term term : other.terms) {
            int same = -1;
            for (int i = 0; i < all.size(); i++) {
                same = all.get(i).isOfKind(term) ? i : same;
            }
            if (same < 0) {
                all.add(term);
            } else {
                Term old = all.get(same);
                all.set(same, new Term(old.coefficient() + term.coefficient(), old.power(), old.rate(), old.logs()));
            }
        }
        all.removeIf(it -> it.coefficient() == 0);
        return new Sum(all);
    }

    Sum times(double factor) {
        return factor == 0
                ? of(0)
                : new Sum(terms.stream().map(it -> new Term(it.coefficient() * factor, it.power(), it.rate(), it.logs()))
                        .toList());
    }

    /** The product; nothing where it has too many terms. */
    Optional<Sum> times(Sum other) {
        Sum product = of(0);
        for (Term one : terms) {
            for (Term two : other.terms) {
                product = product.plus(new Sum(List.of(new Term(one.coefficient() * two.coefficient(), one.power() + two.power(),
                        one.rate() + two.rate(), one.logs() + two.logs()))));
            }
        }
        return product.terms.size() > MOST_TERMS ? Optional.empty() : Optional.of(product);
    }

    /** One over it, of a single term without a logarithm. */
    Optional<Sum> reciprocal() {
        if (terms.size() != 1 || terms.getFirst().logs() != 0) {
            return Optional.empty();
        }
        Term term = terms.getFirst();
        return Optional.of(new Sum(List.of(new Term(1 / term.coefficient(), -term.power(), -term.rate(), 0))));
    }

    /** Raised to a power: a number, or where this is a number above 0, a constant and a multiple of x. */
    Optional<Sum> raised(Sum exponent) {
        Optional<Double> power = exponent.constant();
        Optional<Double> base = constant();
        if (power.isPresent()) {
            return raised(power.get());
        }
        if (base.isEmpty() || base.get() <= 0) {
            return Optional.empty();
        }
        return exponent.times(Math.log(base.get())).exp();
    }

    private Optional<Sum> raised(double power) {
        if (terms.size() == 1 && (terms.getFirst().logs() == 0 || power == Math.rint(power))) {
            Term term = terms.getFirst();
            boolean possible = term.coefficient() > 0 || power == Math.rint(power);
            return possible
                    ? Optional.of(new Sum(List.of(new Term(Math.pow(term.coefficient(), power), term.power() * power,
                            term.rate() * power, (int) Math.rint(term.logs() * power))))) : Optional.empty();
        }
        if (power != Math.rint(power) || power < 0 || power > MOST_POWER) {
            return Optional.empty();
        }
        Sum product = of(1);
        for (int i = 0; i < power; i++) {
            Optional<Sum> next = product.times(this);
            if (next.isEmpty()) {
                return next;
            }
            product = next.get();
        }
        return Optional.of(product);
    }

    /** e to this, where it is a constant, a multiple of x and a multiple of ln x. */
    Optional<Sum> exp() {
        double coefficient = 1;
        double rate = 0;
        double power = 0;
        for (Term term : terms) {
            if (term.isConstant()) {
                coefficient *= Math.exp(term.coefficient());
            } else if (term.isOfKind(new Term(1, 1, 0, 0))) {
                rate += term.coefficient();
            } else if (term.isOfKind(new Term(1, 0, 0, 1))) {
                power += term.coefficient();
            } else {
                return Optional.empty();
            }
        }
        return Optional.of(new Sum(List.of(new Term(coefficient, power, rate, 0))));
    }

    /** The natural logarithm of a single term above 0. */
    Optional<Sum> log() {
        if (terms.size() != 1 || terms.getFirst().coefficient() <= 0 || terms.getFirst().logs() != 0) {
            return Optional.empty();
        }
        Term term = terms.getFirst();
        Sum sum = of(Math.log(term.coefficient()));
        if (term.power() != 0) {
            sum = sum.plus(new Sum(List.of(new Term(term.power(), 0, 0, 1))));
        }
        return Optional.of(term.rate() == 0 ? sum : sum.plus(new Sum(List.of(new Term(term.rate(), 1, 0, 0)))));
    }

    /** The coefficient of the terms of a kind; 0 for none. */
    double coefficient(double power, double rate, int logs) {
        return terms.stream().filter(it -> it.isOfKind(new Term(1, power, rate, logs)))
                .mapToDouble(Term::coefficient).findFirst().orElse(0);
    }
}
