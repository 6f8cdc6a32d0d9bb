package hestra.desktop.readings;

import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

import hestra.fit.Equation;

/** An equation set as mathematics: the response under its hat, upright names. */
final class EquationView extends FlowPane {

    private final Text response = text();
    private final Text start = text();
    private final Text slope = text();
    private final Text explanatory = text();

    EquationView() {
        getStyleClass().add("equation");
        setRowValignment(VPos.BOTTOM);
        setId("equation");
        Text hat = text();
        hat.setText("^");
        VBox hatted = new VBox(hat, response);
        hatted.setAlignment(Pos.CENTER);
        hatted.getStyleClass().add("hatted");
        getChildren().addAll(hatted, start, slope, explanatory);
    }

    void show(Equation equation) {
        setAccessibleText("predicted " + equation.plain());
        response.setText(equation.response());
        start.setText(" = " + equation.intercept() + " " + equation.sign() + " ");
        slope.setText(equation.slope() + " · ");
        explanatory.setText(equation.explanatory());
    }

    private static Text text() {
        Text text = new Text();
        text.getStyleClass().add("equation-text");
        return text;
    }
}
