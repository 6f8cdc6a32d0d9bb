package hestra.desktop.window;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import hestra.desktop.parts.Choices;
import hestra.desktop.parts.Literally;
import hestra.documents.file.Result;
import hestra.documents.page.GiveBack;
import hestra.documents.page.Paper;
import hestra.documents.table.NameList;
import hestra.exercise.ClassList;
import hestra.marking.ClassWork;
import hestra.numbers.Counted;

import static hestra.desktop.parts.Presence.present;

/**
 * Asks what is to be given back: pages for the students, the gradebook, the class on one page. What is still to be read is said
 * first.
 */
final class GiveBackBoard extends Board {

    private static final double WIDTH = 560;

    /**
     * What is wanted.
     *
     * @param pages as what each student's page is written
     * @param withKey whether the pages say what would have been right
     * @param gradebooks the endings of the gradebooks
     * @param names in whose order the gradebook is to be; none for by name
     * @param together whether the pages of all are wanted in one file
     */
    record Wanted(List<GiveBack.Form> pages, boolean withKey, Paper paper, List<String> gradebooks, ClassList names,
            boolean classPage, Together together) {}

    /** Whether, and how, the pages of all are wanted in one file. */
    enum Together {
        NOT,
        ONE_SIDE,
        BOTH_SIDES
    }

    /** What can be done from here. */
    interface Actions {
        /** Writes what is wanted into a folder that the person chooses. */
        void write(Wanted wanted);

        /** Asks for a file with names; nothing where the person thinks better of it. */
        Optional<Path> askForNames();
    }

    private final Actions actions;
    private final CheckBox html = box("give-html", "a page for each student, to read on a screen (HTML)", true);
    private final CheckBox pdf = box("give-pdf", "a page for each student, to print (PDF)", false);
    private final CheckBox together = box("give-together", "the pages of all in one file, to print (PDF)", false);
    private final CheckBox bothSides = box("give-both-sides", "each on sheets of its own, printed on both sides", true);
    private final CheckBox key = box("give-key", "with the right answers where an answer was not right", true);
    private final CheckBox csv = box("give-csv", "the gradebook as comma-separated text (.csv)", false);
    private final CheckBox xlsx = box("give-xlsx", "the gradebook as a spreadsheet (.xlsx)", true);
    private final CheckBox classPage = box("give-class", "the class on one page", true);
    private final Choices<Paper> papers;
    private final Label note = new Label();
    private Paper paper = Paper.A4;
    private ClassList names = ClassList.NONE;
    private final Button write = new Button("Choose a folder and write…");

    GiveBackBoard(ClassWork work, Actions actions) {
        this(work, actions, new VBox());
    }

    /** Something that is still open when everything is given back. */
    private static Label open(String id, String words) {
        Label open = new Label("≈ " + words);
        open.setWrapText(true);
        open.setMinHeight(Region.USE_PREF_SIZE);
        open.getStyleClass().add("remark");
        open.setId(id);
        return open;
    }

    private GiveBackBoard(ClassWork work, Actions actions, VBox contents) {
        super("give-back-board", "Give back", Counted.of(work.roll().students().size(), "student")
                + ". Sending the pages is up to you.", contents);
        this.actions = actions;
        contents.getStyleClass().add("publish");
        contents.setPrefWidth(WIDTH);
        ClassWork.ReadingProgress reading = work.reading();
        int turned = work.exercise().tasks().stream().flatMap(task -> work.turned(task).stream())
                .mapToInt(it -> it.students().size()).sum();
        if (reading.left() > 0) {
            contents.getChildren().add(open("give-unread", Counted.of(reading.answers() - reading.done(), "answer is",
                    "answers are")
                    + " still to be read. They are given back with the marks that are proposed, and say so."));
        }
        if (work.disputed() > 0) {
            contents.getChildren().add(open("give-disputed", Counted.of(work.disputed(), "answer is", "answers are")
                    + " marked differently by two markers. They are given back with the marks that stand last. Settle them "
                    + "first: the tasks say which."));
        }
        if (turned > 0) {
            contents.getChildren().add(open("give-turned", Counted.of(turned, "answer was", "answers were")
                    + " decided under another key. They are given back as Hestra has them. Keep what was decided or look again "
                    + "first: the tasks say which."));
        }
        papers = new Choices<>("give-paper", List.of(Paper.values()), Paper::title, it -> paper = it);
        papers.show(Optional.of(paper));
        HBox onPaper = new HBox(10, small("on"), papers);
        onPaper.setAlignment(Pos.CENTER_LEFT);
        present(onPaper, false);
        present(bothSides, false);
        pdf.setOnAction(_ -> present(onPaper, pdf.isSelected() || together.isSelected()));
        together.setOnAction(_ -> {
            present(onPaper, pdf.isSelected() || together.isSelected());
            present(bothSides, together.isSelected());
        });
        Button list = new Button("In the order of a list…");
        list.setId("give-names");
        list.getStyleClass().setAll("quiet");
        list.setOnAction(_ -> openNames());
        note.setId("give-note");
        note.getStyleClass().add("small");
        note.setWrapText(true);
        note.setText("By name.");
        write.setId("give-write");
        write.getStyleClass().setAll("button", "main-action");
        write.setOnAction(_ -> {
            Wanted wanted = wanted();
            leave();
            this.actions.write(wanted);
        });
        contents.getChildren().addAll(html, pdf, together, bothSides, onPaper, key, xlsx, csv, new HBox(8, list, note), classPage,
                write);
    }

    private Wanted wanted() {
        List<GiveBack.Form> pages = new ArrayList<>();
        if (html.isSelected()) {
            pages.add(GiveBack.Form.HTML);
        }
        if (pdf.isSelected()) {
            pages.add(GiveBack.Form.PDF);
        }
        List<String> books = new ArrayList<>();
        if (csv.isSelected()) {
            books.add(".csv");
        }
        if (xlsx.isSelected()) {
            books.add(".xlsx");
        }
        return new Wanted(pages, key.isSelected(), paper, books, names, classPage.isSelected(), inOne());
    }

    private Together inOne() {
        if (!together.isSelected()) {
            return Together.NOT;
        }
        return bothSides.isSelected() ? Together.BOTH_SIDES : Together.ONE_SIDE;
    }

    private void openNames() {
        actions.askForNames().ifPresent(file -> {
            switch (NameList.read(file)) {
                case Result.Refused<NameList>(String message) -> note.setText(message);
                case Result.Done<NameList>(NameList list) -> {
                    names = list.list();
                    note.setText("In the order of " + Counted.of(names.entries().size(), "name") + ". "
                            + String.join(" ", list.notes()));
                }
            }
        });
    }

    private static CheckBox box(String id, String text, boolean on) {
        CheckBox box = Literally.said(new CheckBox(text));
        box.setId(id);
        box.setSelected(on);
        return box;
    }

    private static Label small(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("small");
        return label;
    }
}
