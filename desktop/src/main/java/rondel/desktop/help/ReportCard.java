package rondel.desktop.help;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.look.ModalCard;
import rondel.formats.files.Replacing;
import rondel.formats.report.Report;
import rondel.job.Job;
import rondel.words.Words;

/** A report for whoever mends Rondel: shown whole and open to be shortened, then saved as a zip. */
public final class ReportCard extends ModalCard {

    private static final double WIDE = 720;
    private static final int ROWS = 7;

    /** Asks where the zip goes. */
    @FunctionalInterface
    public interface Target {

        Optional<Path> exportTarget(String suggested);
    }

    private final Desk desk;
    private final Progress progress;
    private final Target target;
    private final VBox parts = new VBox(6);
    private final Button save = new Button(Words.of("report.save"));
    private final Map<String, TextArea> texts = new LinkedHashMap<>();

    public ReportCard(Desk desk, Progress progress, Target target) {
        super("report", Pos.CENTER);
        this.desk = desk;
        this.progress = progress;
        this.target = target;
        Label title = new Label(Words.of("report.title"));
        title.getStyleClass().add("title");
        save.setId("report-save");
        save.getStyleClass().add("accent");
        save.setOnAction(e -> save());
        hold(
                WIDE,
                HelpButton.titled(title, GuidePage.PREFERENCES),
                WrappedLabel.of(Words.of("report.how"), "quiet"),
                parts,
                save);
        escapeCloses();
    }

    public void open() {
        parts.getChildren().clear();
        texts.clear();
        show(save);
        Map<String, String> figures = figures(desk.bench().job());
        desk.workers().file(() -> Report.collected(figures), this::show, desk.notices()::failed, () -> {});
    }

    /** How much there is of what, and nothing of what it is. */
    private static Map<String, String> figures(Job job) {
        Map<String, String> figures = new LinkedHashMap<>();
        figures.put("sheets", Integer.toString(job.sheets().size()));
        figures.put(
                "elements",
                Integer.toString(
                        job.sheets().stream().mapToInt(s -> s.elements().size()).sum()));
        figures.put("unit", job.unit().symbol());
        return figures;
    }

    private void show(Report report) {
        report.parts().forEach((name, text) -> {
            Label heading = new Label(name);
            heading.getStyleClass().add("section-title");
            TextArea area = new TextArea(text);
            area.setId("report-" + name.replace('.', '-'));
            area.setPrefRowCount(ROWS);
            area.setAccessibleText(name);
            heading.setLabelFor(area);
            texts.put(name, area);
            parts.getChildren().addAll(heading, area);
        });
    }

    private void save() {
        Map<String, String> kept = new LinkedHashMap<>();
        texts.forEach((name, area) -> kept.put(name, area.getText()));
        target.exportTarget("rondel-report.zip")
                .ifPresent(zip -> progress.runFile(
                        Words.of("report.collecting"),
                        () -> {
                            new Report(kept).write(zip, Replacing.ANYTHING);
                            return zip;
                        },
                        written -> {
                            desk.notices().say(Words.of("report.saved", written));
                            close();
                        }));
    }
}
