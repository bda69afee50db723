package rondel.desktop.handoff;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.formats.handoff.FileLook;
import rondel.formats.handoff.PlannedFile;
import rondel.handoff.ledger.LedgerEntry;
import rondel.lines.check.Finding;
import rondel.words.Words;

/** The file that is looked at: what it is, what the checks say of it, and what it contains from whom. */
final class FileSection extends VBox {

    /** A smaller share of colours that can't be printed is not worth a word. */
    private static final double NOTICED = 0.005;

    private final HandOffModel model;

    FileSection(HandOffModel model) {
        super(6);
        this.model = model;
        setId("handoff-file");
        model.onChange(this::follow);
        follow();
    }

    private void follow() {
        getChildren().clear();
        Optional<PlannedFile> file = model.file();
        if (file.isEmpty()) {
            say(Words.of("handoff.noFile"), "quiet");
            return;
        }
        PlannedFile f = file.get();
        say(f.name(), "pass-name");
        say(
                Words.of("handoff.what." + f.output().what()) + ". "
                        + FileWords.size(f, model.desk().bench().job().unit()).replace("\n", ", ")
                        + model.look(f).map(l -> ". " + FileWords.bytes(f, l)).orElse("") + ".",
                "quiet");
        model.look(f)
                .map(FileLook::outOfGamut)
                .filter(lost -> lost > NOTICED)
                .ifPresent(lost -> say(Words.of("handoff.outOfGamut", Math.round(lost * 100)), "card-note"));
        List<Finding> findings = model.findings(f);
        say(Words.of(findings.isEmpty() ? "handoff.noChecks" : "handoff.checksTitle"), "pass-name");
        findings.stream().map(Finding::sentence).distinct().forEach(s -> say(s, "quiet"));
        List<LedgerEntry> contents = model.contents(f);
        say(Words.of(contents.isEmpty() ? "handoff.allOwn" : "handoff.contains"), "pass-name");
        contents.forEach(e -> say(LedgerSection.sentence(e), e.forSale() ? "quiet" : "card-note"));
    }

    private void say(String text, String style) {
        getChildren().add(WrappedLabel.of(text, style));
    }
}
