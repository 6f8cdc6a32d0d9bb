package hestra.desktop.window;

import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.collections.ListChangeListener;
import javafx.collections.WeakListChangeListener;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;
import javafx.util.Subscription;

import hestra.desktop.parts.Names;
import hestra.desktop.plot.PlotView;
import hestra.desktop.speech.Speaker;
import hestra.desktop.speech.SpokenControl;

/**
 * Has those who do not see the window hear what has the keyboard and what has changed: by whoever reads the screen, through a
 * label that nobody sees, and where {@linkplain #onProperty() wanted} by a speaker of the desktop.
 */
final class ReadAloud {

    private final Label heard = new Label();
    private final Speaker speaker;
    private final BooleanProperty on = new SimpleBooleanProperty(false);
    private final ListChangeListener<Window> opened = this::opened;
    private Subscription following = Subscription.EMPTY;

    /** Reads what happens in a window's root. */
    ReadAloud(StackPane root, Speaker speaker) {
        this.speaker = speaker;
        heard.setId("heard");
        heard.setManaged(false);
        heard.setMouseTransparent(true);
        heard.setOpacity(0);
        root.getChildren().add(heard);
        root.sceneProperty().flatMap(Scene::focusOwnerProperty).subscribe(this::focused);
        Window.getWindows().addListener(new WeakListChangeListener<>(opened));
    }

    /** Whether the desktop's speech service reads aloud. */
    BooleanProperty onProperty() {
        return on;
    }

    /** Says something that has happened. */
    void announce(String words) {
        heard.setText(words);
        heard.notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        if (on.get()) {
            speaker.say(words, false);
        }
    }

    /** Says what has the keyboard now, in the place of what is being said. */
    void again(Node owner) {
        if (on.get() && owner != null) {
            speaker.say(SpokenControl.of(owner), true);
        }
    }

    void hush() {
        speaker.hush();
    }

    void close() {
        speaker.close();
    }

    private void focused(Node owner) {
        following.unsubscribe();
        following = Subscription.EMPTY;
        if (owner == null) {
            return;
        }
        Names.settle(owner);
        again(owner);
        if (owner instanceof PlotView plot) {
            // What the line below the plot says is said: a point that was walked to, what is played, what a key did.
            following = plot.hintProperty().subscribe((_, hint) -> {
                if (on.get()) {
                    speaker.say(hint, true);
                }
            });
        }
        following = following.and(owner.accessibleTextProperty().subscribe((_, _) -> again(owner)));
        if (owner instanceof TableView<?> table) {
            following = following.and(table.getFocusModel().focusedCellProperty().subscribe((_, _) -> {
                if (on.get()) {
                    speaker.say(SpokenControl.cell(table), true);
                }
            }));
        }
    }

    /** The entries of a menu are said as one goes along them. */
    private void opened(ListChangeListener.Change<? extends Window> change) {
        while (change.next()) {
            change.getAddedSubList().stream().filter(ContextMenu.class::isInstance).filter(it -> it.getScene() != null)
                    .forEach(menu -> menu.getScene().focusOwnerProperty().subscribe(this::entry));
        }
    }

    private void entry(Node owner) {
        if (on.get() && owner instanceof Parent entry) {
            Optional.ofNullable((Label) entry.lookup(".label")).map(Label::getText).ifPresent(text -> speaker.say(text, true));
        }
    }
}
