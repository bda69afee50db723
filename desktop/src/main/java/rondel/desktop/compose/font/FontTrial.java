package rondel.desktop.compose.font;

import java.util.Optional;
import java.util.function.Consumer;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.desk.Desk;
import rondel.job.FontChoice;
import rondel.job.Job;

/** Shows the selected text in a font on the sheet before it is taken; of several asked for in a row, the last. */
public final class FontTrial {

    private final Desk desk;
    private final TextEdits edits;
    private final Consumer<Optional<Job>> show;
    private int asked;

    /** @param show shows the sheet as it would be, or as it is again */
    public FontTrial(Desk desk, TextEdits edits, Consumer<Optional<Job>> show) {
        this.desk = desk;
        this.edits = edits;
        this.show = show;
    }

    void attempt(FontChoice font) {
        int mine = ++asked;
        Job before = desk.bench().job();
        edits.preview(l -> l.withFont(font), job -> {
            if (mine == asked && desk.bench().job() == before) {
                show.accept(Optional.of(job));
            }
        });
    }

    /** What is shown stays until the edit is made that makes it so. */
    void keep() {
        asked++;
    }

    void drop() {
        asked++;
        show.accept(Optional.empty());
    }
}
