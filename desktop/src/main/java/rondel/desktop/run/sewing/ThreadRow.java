package rondel.desktop.run.sewing;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.field.PressKey;
import rondel.desktop.look.Hint;
import rondel.job.SewnPart;
import rondel.run.stitch.SewingMachine;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;
import rondel.words.Decimals;
import rondel.words.Words;

/** A row in the list of threads: a thread, or something that it sews. */
abstract sealed class ThreadRow extends HBox {

    private static final double MM_PER_M = 1000;

    private final int at;
    private Move move = (from, to) -> {};
    private int count;

    /** Puts a row before another of its kind. */
    interface Move {
        void move(int from, int to);
    }

    @SuppressWarnings("this-escape") // its own listeners only
    ThreadRow(int at, String style) {
        super(7);
        this.at = at;
        setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        getStyleClass().addAll("thread-row", style);
        addEventHandler(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
            if (e.isAltDown() && e.getCode() == KeyCode.UP && at > 0) {
                move.move(at, at - 1);
                e.consume();
            } else if (e.isAltDown() && e.getCode() == KeyCode.DOWN && at + 1 < count) {
                move.move(at, at + 2);
                e.consume();
            }
        });
        setOnMousePressed(e -> requestFocus());
    }

    /** Which it is of its kind, from 0. */
    int at() {
        return at;
    }

    /** @param rows how many there are of its kind */
    void onMove(Move how, int rows) {
        move = how;
        count = rows;
    }

    /** Puts it before another of its kind. */
    void moveTo(int to) {
        if (to != at && to != at + 1) {
            move.move(at, to);
        }
    }

    /** A thread, with how much there is of it. */
    static final class Thread extends ThreadRow {

        @SuppressWarnings("this-escape")
        Thread(int at, ThreadRun run, String name) {
            super(at, "thread-head");
            setId("thread-" + (at + 1));
            Label number = new Label(String.valueOf(at + 1));
            number.getStyleClass().add("pass-number");
            Region swatch = new Region();
            swatch.getStyleClass().add("pass-swatch");
            swatch.setStyle("-fx-background-color: " + run.thread().hex().substring(0, 7) + ";");
            Label called = new Label(name);
            called.getStyleClass().add("pass-name");
            called.setMinWidth(0);
            int stitches = new StitchPattern(java.util.List.of(run)).count();
            String figures = Words.of(
                    "sew.threadFigures", stitches, Decimals.of(SewingMachine.thread(run.stitches()) / MM_PER_M, 1));
            Label told = new Label(figures);
            told.getStyleClass().add("quiet");
            Hint.on(this, run.thread().hex());
            setAccessibleText(name + ", " + figures);
            getChildren().addAll(number, swatch, new VBox(called, told));
        }
    }

    /** Something that a thread sews. */
    static final class Part extends ThreadRow {

        private final SewnPart part;

        @SuppressWarnings("this-escape")
        Part(int at, SewnPart part, String name) {
            super(at, "thread-part");
            this.part = part;
            setId("sewn-" + (at + 1));
            Label called = new Label(name);
            called.setMinWidth(0);
            setAccessibleText(name);
            getChildren().add(called);
        }

        SewnPart part() {
            return part;
        }

        /** @param chosen hears when it is chosen, and whether beside others */
        void onChosen(Consumer<Boolean> chosen) {
            setOnMouseClicked(e -> {
                if (e.isStillSincePress()) {
                    chosen.accept(e.isShiftDown() || e.isShortcutDown());
                }
            });
            addEventHandler(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
                if (PressKey.is(e)) {
                    chosen.accept(e.isShiftDown());
                    e.consume();
                }
            });
        }
    }
}
