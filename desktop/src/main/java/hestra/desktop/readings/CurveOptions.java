package hestra.desktop.readings;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desk.Findings;
import hestra.desk.PlotEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Literally;
import hestra.fit.Curve;
import hestra.fit.Curve.FittedOn;
import hestra.fit.Term;

import static hestra.desktop.parts.Presence.present;

/** What can be chosen of a further curve in hand: the degree of a polynomial, how growth is fitted, which terms there are. */
final class CurveOptions extends VBox {

    private final DeskModel model;
    private final Choices<Integer> degree;
    private final HBox degrees;
    private final Choices<FittedOn> fittedOn;
    private final FlowPane terms = new FlowPane();
    private final Map<Term, ToggleButton> ticks = new EnumMap<>(Term.class);

    CurveOptions(DeskModel model) {
        this.model = model;
        this.degree = new Choices<>("curve-degree", IntStream.rangeClosed(2, Curve.GREATEST_DEGREE).boxed().toList(),
                it -> Integer.toString(it),
                it -> change(new Curve.Polynomial(it)));
        this.fittedOn = new Choices<>("curve-fitted-on", List.of(FittedOn.LOGARITHMS, FittedOn.VALUES),
                it -> it == FittedOn.LOGARITHMS ? "on the log scale" : "directly on y", this::fitOn);
        getStyleClass().add("curve-options");
        terms.getStyleClass().add("terms");
        for (Term term : Term.values()) {
            ToggleButton tick = Literally.said(new ToggleButton(term.symbol()));
            tick.getStyleClass().setAll("choice", "term");
            tick.setId("term-" + term.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            tick.setOnAction(_ -> tick());
            ticks.put(term, tick);
            terms.getChildren().add(tick);
        }
        Label name = new Label("degree");
        name.getStyleClass().add("small");
        degrees = new HBox(6, name, degree);
        degrees.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(degrees, fittedOn, terms);
    }

    void show(Findings findings) {
        Optional<Curve> curve = Optional.ofNullable(findings.work().curves().further().get(findings.curves().slotInHand()));
        present(degrees, curve.isPresent() && curve.get() instanceof Curve.Polynomial);
        present(fittedOn, curve.isPresent() && (curve.get() instanceof Curve.Exponential || curve.get() instanceof Curve.Power));
        present(terms, curve.isPresent() && curve.get() instanceof Curve.OwnTerms);
        present(this, degrees.isManaged() || fittedOn.isManaged() || terms.isManaged());
        curve.ifPresent(it -> {
            switch (it) {
                case Curve.Polynomial(int number) -> {
                    degree.offer(other -> other == number || findings.part().rules().offers(new Curve.Polynomial(other)));
                    degree.show(Optional.of(number));
                }
                case Curve.Exponential(FittedOn on) -> fittedOn.show(Optional.of(on));
                case Curve.Power(FittedOn on) -> fittedOn.show(Optional.of(on));
                case Curve.OwnTerms(List<Term> chosen) -> ticks.forEach((term, tick) -> tick.setSelected(chosen.contains(term)));
                case Curve.Line _, Curve.ThroughOrigin _, Curve.Logarithmic _, Curve.Wave _ -> { }
            }
        });
    }

    private void fitOn(FittedOn on) {
        change(model.findings().work().curves().further().get(model.findings().curves().slotInHand()) instanceof Curve.Power
                ? new Curve.Power(on) : new Curve.Exponential(on));
    }

    /** The terms that are ticked; the last one cannot be taken away. */
    private void tick() {
        List<Term> chosen = new ArrayList<>();
        ticks.forEach((term, tick) -> {
            if (tick.isSelected()) {
                chosen.add(term);
            }
        });
        if (!chosen.isEmpty()) {
            change(new Curve.OwnTerms(chosen));
        }
        show(model.findings());
    }

    private void change(Curve curve) {
        model.apply(new PlotEdit.ChangeCurve(model.findings().curves().slotInHand(), curve));
        show(model.findings());
    }
}
