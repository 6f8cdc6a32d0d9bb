package hestra.benchmarks;

import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

import hestra.desktop.window.Started;

/** An empty JavaFX window of the desk's size: what the start of the program is measured against. */
public final class EmptyWindow extends Application {

    public static void main(String[] arguments) {
        launch(arguments);
    }

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new StackPane(), 1280, 800));
        stage.show();
        Started.tellAndClose();
    }
}
