package hestra.fit;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;

/** A rational number, exact: the reference that the arithmetic of the program is held against. */
record Fraction(BigInteger top, BigInteger bottom) {

    static final Fraction ZERO = of(0);

    Fraction {
        if (bottom.signum() == 0) {
            throw new ArithmeticException("division by zero");
        }
        BigInteger common = top.gcd(bottom).max(BigInteger.ONE);
        BigInteger sign = BigInteger.valueOf(bottom.signum());
        top = top.divide(common).multiply(sign);
        bottom = bottom.divide(common).multiply(sign);
    }

    /** Exactly the given double. */
    static Fraction of(double value) {
        BigDecimal decimal = new BigDecimal(value);
        return decimal.scale() > 0
                ? new Fraction(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale()))
                : new Fraction(decimal.toBigIntegerExact(), BigInteger.ONE);
    }

    Fraction plus(Fraction other) {
        return new Fraction(top.multiply(other.bottom).add(other.top.multiply(bottom)), bottom.multiply(other.bottom));
    }

    Fraction minus(Fraction other) {
        return plus(new Fraction(other.top.negate(), other.bottom));
    }

    Fraction times(Fraction other) {
        return new Fraction(top.multiply(other.top), bottom.multiply(other.bottom));
    }

    Fraction over(Fraction other) {
        return new Fraction(top.multiply(other.bottom), bottom.multiply(other.top));
    }

    Fraction over(long other) {
        return over(new Fraction(BigInteger.valueOf(other), BigInteger.ONE));
    }

    boolean isZero() {
        return top.signum() == 0;
    }

    /** To forty digits. */
    BigDecimal decimal() {
        return new BigDecimal(top).divide(new BigDecimal(bottom), new MathContext(40));
    }

    /** The root, to forty digits. */
    BigDecimal root() {
        return isZero()
                ? BigDecimal.ZERO
                : new BigDecimal(top).divide(new BigDecimal(bottom), new MathContext(60)).sqrt(new MathContext(40));
    }
}
