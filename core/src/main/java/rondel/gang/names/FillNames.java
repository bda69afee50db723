package rondel.gang.names;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import rondel.gang.copies.DesignContents;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.NameList;
import rondel.job.NameList.Blank;
import rondel.job.NameList.FilledPicture;
import rondel.job.NameList.FilledText;
import rondel.job.NameList.Row;
import rondel.job.TextElement;
import rondel.progress.Advance;
import rondel.progress.Cancellation;
import rondel.text.Typesetter;
import rondel.words.Refusal;

/** Sets the words of each row into the template's texts and finds the pictures for its windows. Words that are said twice are set once. */
public final class FillNames {

    private final Job job;
    private final Typesetter typesetter;
    private final Function<String, Optional<Media>> pictures;

    /** @param pictures the picture of a file's name; nothing where there is none */
    public FillNames(Job job, Typesetter typesetter, Function<String, Optional<Media>> pictures) {
        this.job = job;
        this.typesetter = typesetter;
        this.pictures = pictures;
    }

    /** A list with all its rows filled, and the pictures that they use. */
    public record Filled(NameList list, List<Media> media) {}

    private record Said(Blank blank, String words) {}

    /** @throws Refusal if a column or a blank is not there */
    public Filled of(NameList list) {
        Map<ElementId, Element> blanks = new HashMap<>();
        new DesignContents(job).of(list.template()).group().children().forEach(e -> GroupElement.everything(e)
                .forEach(x -> blanks.put(x.id(), x)));
        Map<Said, FilledText> set = new HashMap<>();
        Map<String, Optional<Media>> found = new HashMap<>();
        List<Row> rows = new ArrayList<>();
        for (Row row : list.rows()) {
            Cancellation.check();
            Advance.to(rows.size(), list.rows().size());
            List<FilledText> texts = new ArrayList<>();
            List<FilledPicture> shown = new ArrayList<>();
            for (Blank blank : list.blanks()) {
                int column = list.column(blank.column());
                String said = column < row.cells().size() ? row.cells().get(column) : "";
                Element at = blanks.get(blank.element());
                switch (at) {
                    case TextElement t -> {
                        Said key = new Said(blank, said);
                        FilledText known = set.get(key);
                        if (known == null) {
                            known = text(t, blank, said);
                            set.put(key, known);
                        }
                        texts.add(known);
                    }
                    case GroupElement g
                    when g.slot().isPresent() -> {
                        Optional<Media> media =
                                said.isBlank() ? Optional.empty() : found.computeIfAbsent(said.strip(), pictures);
                        shown.add(new FilledPicture(g.id(), said.strip(), media.map(Media::id)));
                    }
                    case null, default -> throw Refusal.of("names.noBlank", blank.element(), blank.column());
                }
            }
            rows.add(row.withFilled(texts, shown));
        }
        return new Filled(
                list.withRows(rows),
                found.values().stream().flatMap(Optional::stream).toList());
    }

    private FilledText text(TextElement text, Blank blank, String said) {
        double own = text.outline().bounds().map(Box::width).orElse(0.0);
        double scale = text.placement().meanScale();
        double room = blank.room().isPresent() ? blank.room().getAsDouble() / Math.max(1e-9, scale) : own;
        FittedLettering fitted =
                FittedLettering.of(said, text.lettering(), room, blank.smallest() / Math.max(1e-9, scale), typesetter);
        return new FilledText(blank.element(), fitted.lettering(), fitted.outline(), fitted.how(), fitted.missing());
    }
}
