package rondel.bench;

import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;

/** The least window there is: one button. Says when its first frames have passed. */
public final class BareWindow extends Application {

    private static final int FRAMES = 2;

    public static void main(String[] args) {
        launch(args);
    }

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new BorderPane(new Button("Bare")), 1280, 800));
        stage.show();
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames > FRAMES) {
                    stop();
                    System.out.println("ready");
                    System.exit(0);
                }
            }
        }.start();
    }
}
