package rondel.desktop.bar;

import java.util.EnumSet;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.scene.AccessibleAttribute;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.model.Change;
import rondel.desktop.model.SelectionFacts;
import rondel.desktop.sheet.SheetView;
import rondel.formats.proof.SoftProof;
import rondel.geometry.Box;
import rondel.job.Sheet;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The foot of the window: what is selected and how large, what was refused, what is going on, how near one looks. */
public final class StatusBar extends HBox {

    private static final Duration LONG_ENOUGH = Duration.seconds(8);

    private final Desk desk;
    private final SheetView sheet;
    private final Label facts = new Label();
    private final Label notice = new Label();
    private final Label zoom = new Label();
    private Runnable again = () -> {};
    private LengthUnit shown;
    private final PauseTransition fade = new PauseTransition(LONG_ENOUGH);

    public StatusBar(Desk desk, SheetView sheet, Progress progress) {
        super(12);
        this.desk = desk;
        this.sheet = sheet;
        getStyleClass().add("status-bar");
        facts.setId("facts");
        notice.setId("notice");
        notice.getStyleClass().add("notice");
        notice.setOnMouseClicked(e -> again.run());
        zoom.setId("zoom");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(facts, notice, space, progress, zoom);
        fade.setOnFinished(e -> notice.setText(""));
        desk.notices().showIn(s -> show(s, false), s -> show(s, true));
        desk.selection().onChange(this::refresh);
        desk.bench().on(EnumSet.of(Change.JOB), this::unitChanged);
        sheet.onLook(this::showZoom);
        refresh();
    }

    /** Says what shows again what was said; a press on the sentence does it. */
    public void onNotice(Runnable shows) {
        again = shows;
    }

    private void show(String sentence, boolean refused) {
        notice.setText(sentence);
        notice.notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        notice.getStyleClass().remove("refused");
        if (refused) {
            notice.getStyleClass().add("refused");
        }
        fade.playFromStart();
    }

    private void showZoom() {
        String zoomed = Words.of("status.zoom", Math.round(sheet.viewport().percent()));
        SoftProof.Shown colours = sheet.looks().colours();
        // Whoever forgets that these are not the colours of the file would change what is right.
        zoom.setText(
                colours == SoftProof.Shown.AS_DRAWN
                        ? zoomed
                        : Words.of("command.colours-" + SoftProof.Shown.AS_PRINTED) + " · " + zoomed);
    }

    private void unitChanged() {
        if (desk.bench().job().unit() != shown) {
            refresh();
        }
    }

    private void refresh() {
        showZoom();
        LengthUnit unit = desk.bench().job().unit();
        shown = unit;
        SelectionFacts known = desk.selection().facts();
        Optional<Box> box = known.measured().upright();
        if (box.isEmpty()) {
            Sheet s = desk.bench().sheet();
            facts.setText(Words.of("status.sheet", s.name(), LengthFormat.size(s.width(), s.height(), unit)));
            return;
        }
        String gap = known.surroundings()
                .flatMap(s -> s.gaps().nearest())
                .map(g -> Words.of("status.gap", LengthFormat.withUnit(g.distance(), unit)))
                .orElse("");
        facts.setText(Words.of(
                        "status.selected",
                        known.measured().count(),
                        LengthFormat.size(box.get().width(), box.get().height(), unit))
                + gap);
    }
}
