package hestra.desktop.parts;

import java.util.List;

import hestra.fit.Equation;
import hestra.fit.Equation.Kind;
import hestra.fit.Equation.Piece;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** An equation breaks behind its signs and nowhere else. */
class EquationViewTest {

    @Test
    void aPowerOfTenKeepsItsVariable() {
        Equation equation = new Equation("y", List.of(new Piece(Kind.FIGURE, "1.2 × 10"),
                new Piece(Kind.RAISED_FIGURE, "−6"),
                new Piece(Kind.SIGN, "−"), new Piece(Kind.FIGURE, "3.4 × 10"), new Piece(Kind.RAISED_FIGURE, "−9"),
                new Piece(Kind.SIGN, "·"), new Piece(Kind.NAME, "years")));
        assertThat(EquationView.terms(equation)).containsExactly(" = 1.2 × 10−6 − ", "3.4 × 10−9 · years");
    }

    @Test
    void aSquareKeepsTheSignBehindIt() {
        Equation equation = new Equation("y", List.of(new Piece(Kind.FIGURE, "2"), new Piece(Kind.SIGN, "·"),
                new Piece(Kind.NAME, "x"),
                new Piece(Kind.RAISED_FIGURE, "2"), new Piece(Kind.SIGN, "+"), new Piece(Kind.FIGURE, "1")));
        assertThat(EquationView.terms(equation)).containsExactly(" = 2 · x2 + ", "1");
    }

    @Test
    void aLongNameMayStandOnALineOfItsOwn() {
        Equation equation = new Equation("y", List.of(new Piece(Kind.FIGURE, "2"), new Piece(Kind.SIGN, "·"),
                new Piece(Kind.NAME, "level of the upper pond")));
        assertThat(EquationView.terms(equation)).containsExactly(" = 2 · ", "level of the upper pond");
    }
}
