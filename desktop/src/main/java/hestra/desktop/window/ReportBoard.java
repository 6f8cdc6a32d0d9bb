package hestra.desktop.window;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import hestra.desktop.files.Settings;
import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Literally;
import hestra.documents.page.Paper;

/** Asks under which name, on which paper and as what a report is to be saved. What was chosen last is offered first. */
final class ReportBoard extends Board {

    private static final double WIDTH = 560;
    private static final String NAME = "report.name";
    private static final String PAPER = "report.paper";

    private final TextField name = new TextField();
    private final Button first;

    /** Takes what was chosen. */
    @FunctionalInterface
    interface Chosen {
        void save(String ending, Paper paper, String author);
    }

    ReportBoard(Settings settings, boolean study, Chosen chosen) {
        this(settings, study, chosen, new VBox());
    }

    private ReportBoard(Settings settings, boolean study, Chosen chosen, VBox contents) {
        super("report-board", "Report",
                study
                ? "Everything that stands on your sheet, in that order."
                : "Your answers, the figures they are about, and your data.", contents);
        name.setId("report-name");
        name.setText(settings.text(NAME, ""));
        name.setPromptText("your name");
        name.setPrefColumnCount(26);
        Choices<Paper> papers = new Choices<>("report-paper", List.of(Paper.values()), Paper::title,
                paper -> settings.put(PAPER, paper.name()));
        papers.show(Optional.of(paper(settings)));
        contents.getStyleClass().add("report-choices");
        contents.setPrefWidth(WIDTH);
        if (study) {
            contents.getChildren().add(row("Name", name));
        }
        contents.getChildren().add(row("Paper", papers));
        first = button("PDF…", "report-pdf", ".pdf", settings, chosen);
        contents.getChildren().addAll(line(first, "to print, or to hand in"),
                line(button("Web page…", "report-html", ".html", settings, chosen), "one file that opens in any browser"),
                line(button("OpenDocument text…", "report-odt", ".odt", settings, chosen),
                        "to go on writing in a word processor"));
    }

    private static Paper paper(Settings settings) {
        return Arrays.stream(Paper.values()).filter(paper -> paper.name().equals(settings.text(PAPER, "")))
                .findFirst().orElse(Paper.A4);
    }

    private static Node row(String text, Node field) {
        Label label = new Label(text);
        label.getStyleClass().add("form-label");
        label.setPrefWidth(70);
        HBox row = new HBox(8, label, field);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static Node line(Button button, String text) {
        Label about = new Label(text);
        about.getStyleClass().add("small");
        HBox line = new HBox(12, button, about);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private Button button(String text, String id, String ending, Settings settings, Chosen chosen) {
        Button button = Literally.said(new Button(text));
        button.setId(id);
        button.getStyleClass().setAll("button", "start-button");
        button.setPrefWidth(190);
        button.setOnAction(_ -> {
            settings.put(NAME, name.getText().strip());
            settings.save();
            leave();
            chosen.save(ending, paper(settings), name.getText());
        });
        return button;
    }

    @Override
    Node first() {
        return name.getScene() != null && name.getText().isBlank() ? name : first;
    }
}
