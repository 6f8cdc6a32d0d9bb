package hestra.desktop.window;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;

import hestra.desktop.parts.KeyLine;
import hestra.desktop.parts.Literally;
import hestra.desktop.parts.Tip;
import hestra.desktop.window.MainWindow.View;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * The menu of the window: what can be done here and now, in groups with a line between them. What cannot be done in the view that
 * is shown is not in it; its key says why.
 */
final class MainMenu extends MenuButton {

    /** An entry, and when it is there. */
    private record Entry(MenuItem item, BooleanSupplier possible) {}

    /** Entries that belong together, and the line above them. */
    private record Group(SeparatorMenuItem line, List<Entry> entries) {}

    private final MainWindow window;
    private final List<Group> groups = new ArrayList<>();

    MainMenu(MainWindow window) {
        this.window = window;
        setGraphic(new FontIcon(Feather.MORE_HORIZONTAL));
        setId("menu");
        getStyleClass().addAll("icon-button", "menu");
        setAccessibleText("Menu");
        Tip.set(this, "New, open, save, data, looks");
        CheckMenuItem dark = chosen("Dark", window.look().darkProperty());
        CheckMenuItem contrast = chosen("High contrast", window.look().highContrastProperty());
        CheckMenuItem system = new CheckMenuItem("Light, dark and contrast like the system");
        system.selectedProperty().bindBidirectional(window.look().likeTheSystemProperty());
        group(
                entry("Start", "Alt+Home", window::goToStart, () -> window.view() != View.START),
                entry("New study", "Shortcut+Shift+N", () -> window.filing().newStudy(), () -> true),
                entry("New exercise", "Shortcut+N", () -> window.filing().newExercise(), () -> true),
                entry("New exercise from a plan…", null, () -> window.boards().open(Boards.Kind.PLANS), () -> true));
        group(
                entry("Open…", "Shortcut+O", () -> window.filing().open(), () -> true),
                entry("Recent work…", null, () -> window.boards().open(Boards.Kind.RECENT), () -> true),
                entry("Library…", "Shortcut+L", () -> window.boards().open(Boards.Kind.LIBRARY), () -> true),
                entry("Data sets of Orrin Bay…", null, window::openShelf, () -> true));
        group(
                entry("Save", "Shortcut+S", () -> window.filing().save(), window::hasWork),
                entry("Save as…", "Shortcut+Shift+S", () -> window.filing().saveAs(), window::hasWork),
                entry("Earlier versions…", null, () -> window.filing().earlierVersions(), this::isWritten),
                entry("Report…", "Shortcut+P", () -> window.filing().report(), () -> is(View.WORK)),
                entry("The plot in words…", "Shortcut+Shift+D",
                        () -> window.boards().plotInWords(window.model().findings()), () -> is(View.WORK)),
                entry("Publish\u2026", "Shortcut+Shift+P", () -> window.publishing().begin(), () -> is(View.WRITE)),
                entry("Start again", null, window::startAgain, () -> is(View.WORK)));
        group(
                entry("Open data…", "Shortcut+Shift+O", () -> window.filing().openData(), () -> !is(View.MARK)),
                entry("Join data…", null, () -> window.filing().joinData(), () -> isWritten() || window.filing().hasOwnData()),
                entry("Columns…", "F4", () -> window.filing().showColumns(), () -> window.filing().hasOwnData()),
                entry("Save data as…", null, () -> window.filing().saveData(), window::hasWork),
                entry("New sample", "Shortcut+G", window::newSample, () -> is(View.WRITE)));
        group(
                entry("Mark hand-ins…", "Shortcut+M", () -> window.marking().chooseFolder(), () -> !window.hasWork()),
                entry("Put a marking in…", null, () -> window.marking().join(), this::hasClass),
                entry("Save the marking as…", null, () -> window.marking().saveMarking(), this::hasClass));
        group(
                entry("How the numbers are worked out", null, () -> window.boards().open(Boards.Kind.NUMBERS), () -> true),
                entry("Mouse and keys", "F1", () -> window.boards().open(Boards.Kind.KEYS), () -> true),
                entry("About Hestra", null, () -> window.boards().open(Boards.Kind.ABOUT), () -> true),
                new Entry(new Menu("Looks", null, dark, contrast, system), () -> true));
        addEventHandler(ON_SHOWING, _ -> offer());
    }

    /** The keys of its entries, whether they can be done now or not. */
    List<KeyLine> keys() {
        return groups.stream().flatMap(group -> group.entries.stream()).map(Entry::item)
                .flatMap(item -> item instanceof Menu menu ? menu.getItems().stream() : Stream.of(item)).map(item -> {
                    String does = item.getText();
                    return item.getAccelerator() == null ? new KeyLine("F10", does) : KeyLine.of(item.getAccelerator(), does);
                }).toList();
    }

    private boolean is(View view) {
        return window.view() == view;
    }

    /** Whether it is an exercise that can be changed in Write, and no study and no copy. */
    private boolean isWritten() {
        return window.hasWork() && !window.isWorkedInAlone();
    }

    private boolean hasClass() {
        return is(View.MARK) && window.hasClass();
    }

    private void group(Entry... entries) {
        Group group = new Group(new SeparatorMenuItem(), List.of(entries));
        groups.add(group);
        getItems().add(group.line);
        group.entries.forEach(entry -> getItems().add(entry.item));
    }

    /** Leaves in it what can be done now; a line stands between two groups that have something left. */
    private void offer() {
        boolean before = false;
        for (Group group : groups) {
            boolean any = false;
            for (Entry entry : group.entries) {
                boolean possible = entry.possible.getAsBoolean();
                entry.item.setVisible(possible);
                any |= possible;
            }
            group.line.setVisible(any && before);
            before |= any;
        }
    }

    /** What is chosen by hand no longer follows the system. */
    private CheckMenuItem chosen(String text, BooleanProperty chosen) {
        CheckMenuItem item = new CheckMenuItem(text);
        item.selectedProperty().bindBidirectional(chosen);
        item.setOnAction(_ -> window.look().likeTheSystemProperty().set(false));
        return item;
    }

    private static Entry entry(String text, String key, Runnable action, BooleanSupplier possible) {
        MenuItem item = Literally.said(new MenuItem(text));
        // After the menu has closed and given the keyboard back, so that the action can put it elsewhere.
        item.setOnAction(_ -> Platform.runLater(action));
        if (key != null) {
            item.setAccelerator(KeyCombination.valueOf(key));
        }
        return new Entry(item, possible);
    }
}
