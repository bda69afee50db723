package rondel.desktop.run.play;

import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import rondel.desktop.look.Hint;
import rondel.desktop.run.running.RunModel;
import rondel.words.Words;

/** Plays a pass, and says how far it is. */
public final class PlayBar extends HBox {

    /** How long a pass is shown to take at most while it is played, in s. */
    private static final double LONGEST_SHOW = 24;

    private final RunModel model;
    private final Supplier<String> words;
    private final Slider time = new Slider();
    private final Button play = new Button(Words.of("run.play"));
    private final Label told = new Label();
    private final AnimationTimer player;
    private boolean playing;
    private boolean moving;

    /** @param id what the ids of its parts begin with
     *  @param words how far it is, in words
     *  @param more what stands behind it */
    public PlayBar(String id, RunModel model, Supplier<String> words, Node... more) {
        super(10);
        this.model = model;
        this.words = words;
        play.setId(id + "-play");
        play.setOnAction(e -> play());
        time.setId(id + "-time");
        time.setAccessibleText(Words.of("run.time"));
        Hint.on(time, Words.of("run.time"));
        HBox.setHgrow(time, Priority.ALWAYS);
        time.valueProperty().addListener((o, before, now) -> {
            if (!moving) {
                model.show(now.doubleValue());
            }
        });
        told.setId(id + "-told");
        told.setMinWidth(Region.USE_PREF_SIZE);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(play, time, told);
        getChildren().addAll(more);
        player = new AnimationTimer() {
            private long last;

            @Override
            public void start() {
                last = 0;
                super.start();
            }

            @Override
            public void handle(long now) {
                double passed = last == 0 ? 0 : (now - last) / 1e9;
                last = now;
                double pace = Math.max(1, model.span() / LONGEST_SHOW);
                double to = model.at() + passed * pace;
                model.show(Math.min(to, model.span()));
                if (to >= model.span()) {
                    play(false);
                }
            }
        };
    }

    /** Plays, or halts. */
    public void play() {
        play(!playing);
    }

    private void play(boolean on) {
        playing = on && model.span() > 0;
        play.setText(Words.of(playing ? "run.halt" : "run.play"));
        if (playing) {
            if (model.at() >= model.span() - 1e-6) {
                model.show(0);
            }
            player.start();
        } else {
            player.stop();
        }
    }

    /** Goes a hundredth of the pass on or back. */
    public void step(boolean on) {
        model.show(Math.clamp(model.at() + (on ? 1 : -1) * model.span() / 100, 0, model.span()));
    }

    /** Whether there is something to play. */
    public void ready(boolean there) {
        play.setDisable(!there);
        time.setDisable(!there);
        if (!there && playing) {
            play(false);
        }
    }

    /** Shows how far it is now. */
    public void moved() {
        moving = true;
        time.setMax(Math.max(1e-6, model.span()));
        time.setValue(model.at());
        moving = false;
        told.setText(words.get());
    }
}
