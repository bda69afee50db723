package rondel.desktop.files;

import java.nio.file.Path;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.export.ExportSummary;
import rondel.desktop.model.Bench;
import rondel.lines.check.Finding;
import rondel.words.Words;

/** How the window writes what is on its sheets to files of other formats. */
public final class ExportActions {

    private final Desk desk;
    private final FileChoices choices;
    private final Questions questions;
    private final Progress progress;

    ExportActions(Desk desk, FileChoices choices, Questions questions, Progress progress) {
        this.desk = desk;
        this.choices = choices;
        this.questions = questions;
        this.progress = progress;
    }

    public void export() {
        boolean several = desk.bench().job().sheets().size() > 1;
        ExportSummary summary =
                new ExportSummary(desk.bench().job(), desk.bench().sheet());
        questions
                .export(!desk.bench().selection().isEmpty(), several, summary::of)
                .ifPresent(choice -> {
                    String ending = choice.format().extension();
                    choices.exportTarget(FileNames.of(desk.bench().job(), ending))
                            .flatMap(f -> FileNames.withEnding(f, ending, questions::replace))
                            .ifPresent(f -> export(choice, f));
                });
    }

    public void export(ExportChoice choice, Path file) {
        desk.bench().whenSettled(() -> write(choice, file));
    }

    private void write(ExportChoice choice, Path file) {
        Bench bench = desk.bench();
        Export export = new Export(bench.job(), bench.sheet().id(), bench.selectedIds(), choice);
        progress.runFile(
                Words.of("progress.exporting", file.getFileName()),
                () -> export.write(file, desk.pictures()),
                found -> {
                    desk.notices().say(Words.of("notice.exported", file.getFileName()));
                    found.stream().findFirst().map(Finding::sentence).ifPresent(desk.notices()::refuse);
                });
    }
}
