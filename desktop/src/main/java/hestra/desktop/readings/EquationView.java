package hestra.desktop.readings;

import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

import hestra.fit.Equation;

/** An equation set as mathematics: the response under its hat, upright names. */
final class EquationView extends FlowPane {

    EquationView() {
        getStyleClass().add("equation");
        setRowValignment(VPos.BOTTOM);
        setId("equation");
    }

    void show(Equation equation) {
        setAccessibleText("predicted " + equation.plain());
        getChildren().setAll(hatted(equation.response()), text(" = " + equation.intercept() + " " + equation.sign() + " "),
                text(equation.slope() + " · "), text(equation.explanatory()));
    }

    private static Node hatted(String name) {
        Text hat = text("^");
        hat.getStyleClass().add("hat");
        VBox box = new VBox(hat, text(name));
        box.setAlignment(Pos.CENTER);
        box.getStyleClass().add("hatted");
        return box;
    }

    private static Text text(String content) {
        Text text = new Text(content);
        text.getStyleClass().add("equation-text");
        return text;
    }
}
