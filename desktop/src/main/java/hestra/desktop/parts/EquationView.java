package hestra.desktop.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;

import hestra.fit.Equation;

/** An equation set as mathematics: the response under its hat, upright names, true exponents. Breaks after signs. */
public final class EquationView extends FlowPane {

    private static final double HAT = 4.5;
    private static final double WIDEST_HAT = 48;
    /** A name of so many letters stays on the line of its factor. */
    private static final int SHORT_NAME = 14;

    private final Text response = text("equation-text");
    private final List<Text> parts = new ArrayList<>();

    public EquationView() {
        getStyleClass().add("equation");
        setRowValignment(VPos.BOTTOM);
        setId("equation");
        Polyline hat = new Polyline();
        hat.getStyleClass().add("hat");
        // As wide as the name, as on paper, up to a width beyond which it would be a roof.
        response.layoutBoundsProperty().subscribe(bounds -> {
            double half = Math.min(bounds.getWidth(), WIDEST_HAT) / 2;
            hat.getPoints().setAll(-half, 0.0, 0.0, -HAT, half, 0.0);
        });
        VBox hatted = new VBox(hat, response);
        hatted.setAlignment(Pos.CENTER);
        hatted.getStyleClass().add("hatted");
        getChildren().add(hatted);
    }

    public void show(Equation equation) {
        setAccessibleText("predicted " + equation.plain());
        response.setText(equation.response());
        List<Part> wanted = Part.of(equation);
        boolean sameShape = wanted.size() == parts.size();
        for (int i = 0; sameShape && i < parts.size(); i++) {
            sameShape = parts.get(i).getStyleClass().contains(wanted.get(i).styleClass());
        }
        if (!sameShape) {
            getChildren().remove(1, getChildren().size());
            parts.clear();
            wanted.forEach(part -> parts.add(text(part.styleClass())));
            int next = 0;
            while (next < parts.size()) {
                int end = next + 1;
                while (end < parts.size() && !wanted.get(end - 1).endsTerm()) {
                    end++;
                }
                getChildren().add(end == next + 1 ? parts.get(next) : together(parts.subList(next, end)));
                next = end;
            }
        }
        for (int i = 0; i < parts.size(); i++) {
            parts.get(i).setText(wanted.get(i).text());
        }
    }

    /** What stays together on a line: each term with the sign behind it. */
    static List<String> terms(Equation equation) {
        List<String> terms = new ArrayList<>();
        StringBuilder term = new StringBuilder();
        for (Part part : Part.of(equation)) {
            term.append(part.text());
            if (part.endsTerm()) {
                terms.add(term.toString());
                term.setLength(0);
            }
        }
        return term.isEmpty() ? terms : Stream.concat(terms.stream(), Stream.of(term.toString())).toList();
    }

    /** A term with its sign: an exponent stays with what it is an exponent of, and a factor with its other. */
    private static HBox together(List<Text> term) {
        HBox box = new HBox(term.toArray(Text[]::new));
        box.setAlignment(Pos.BOTTOM_LEFT);
        return box;
    }

    /** A run of pieces that stay together on a line. */
    private record Part(String text, boolean raised) {
        String styleClass() {
            return raised ? "equation-raised" : "equation-text";
        }

        /** Whether a line may break behind it: it ends with a sign. */
        boolean endsTerm() {
            return !raised && text.endsWith(" ");
        }

        static List<Part> of(Equation equation) {
            List<Part> parts = new ArrayList<>();
            StringBuilder run = new StringBuilder(" = ");
            List<Equation.Piece> pieces = equation.pieces();
            for (int i = 0; i < pieces.size(); i++) {
                Equation.Piece piece = pieces.get(i);
                if (piece.text().equals(Equation.TIMES) && isShortAt(pieces, i + 1)) {
                    run.append(' ').append(piece.text()).append(' ');
                    continue;
                }
                switch (piece.kind()) {
                    case SIGN -> {
                        parts.add(new Part(run + " " + piece.text() + " ", false));
                        run.setLength(0);
                    }
                    case RAISED_FIGURE, RAISED_NAME -> {
                        parts.add(new Part(run.toString(), false));
                        parts.add(new Part(piece.text(), true));
                        run.setLength(0);
                    }
                    case FUNCTION -> run.append(piece.text()).append(piece.text().equals("ln") ? " " : "");
                    case FIGURE, NAME, BRACKET -> run.append(piece.text());
                }
            }
            parts.add(new Part(run.toString(), false));
            return parts.stream().filter(part -> !part.text.isEmpty()).toList();
        }
    }

    /** Whether there is room for what is multiplied beside its factor. */
    private static boolean isShortAt(List<Equation.Piece> pieces, int at) {
        return at < pieces.size() && pieces.get(at).text().length() <= SHORT_NAME;
    }

    private static Text text(String styleClass) {
        Text text = new Text();
        text.getStyleClass().add(styleClass);
        return text;
    }
}
