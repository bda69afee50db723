package rondel.formats.names;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import rondel.formats.reading.ArtworkReader;
import rondel.gang.names.ColumnMatching;
import rondel.gang.names.FillNames;
import rondel.job.Design;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.NameList;
import rondel.job.NameListId;
import rondel.text.FontBook;
import rondel.text.Typesetter;
import rondel.words.Refusal;

/** Lists of names from files and pasted tables, filled into a template: pictures are looked for beside the file. */
public final class NameListFile {

    private final Supplier<FontBook> fonts;

    public NameListFile(Supplier<FontBook> fonts) {
        this.fonts = fonts;
    }

    /** A table as a list for a template, its columns matched to blanks by their names, not filled in yet.
     *
     * @param source the file it comes from, where it comes from one
     * @throws Refusal if the template has no blanks, or there are too many rows */
    public static NameList list(Job job, Design template, NameTable table, String name, Optional<Path> source) {
        List<ColumnMatching.Place> places = ColumnMatching.places(job, template);
        if (places.isEmpty()) {
            throw Refusal.of("names.noPlaces", rondel.gang.copies.DesignContents.name(job, template));
        }
        return new NameList(
                new NameListId(""),
                name,
                template,
                source.map(p -> p.toAbsolutePath().normalize().toString()),
                table.columns(),
                ColumnMatching.of(table.columns(), places),
                ColumnMatching.count(table.columns()),
                table.rows().stream().map(NameList.Row::of).toList());
    }

    /** The list with all rows set and their pictures read.
     *
     * @throws Refusal if a column or a blank is not there */
    public FillNames.Filled filled(Job job, NameList list) {
        Path folder =
                list.source().map(s -> Path.of(s).toAbsolutePath().getParent()).orElse(null);
        Map<String, Optional<Media>> read = new HashMap<>();
        Function<String, Optional<Media>> pictures = name -> read.computeIfAbsent(name, n -> picture(folder, n));
        return new FillNames(job, new Typesetter(fonts), pictures).of(list);
    }

    private Optional<Media> picture(Path folder, String name) {
        if (folder == null) {
            return Optional.empty();
        }
        Path file;
        try {
            file = folder.resolve(name);
        } catch (java.nio.file.InvalidPathException noName) {
            return Optional.empty();
        }
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        List<Media> media = new ArtworkReader(fonts).read(file).media();
        return media.size() == 1 ? Optional.of(media.getFirst()) : Optional.empty();
    }

    /** The file of a list read again: rows that were left out stay so where their words are the same.
     *
     * @throws Refusal if it came from no file, the file is gone, or a column that is used is no longer in it */
    public static NameList again(NameList list) {
        Path file = Path.of(list.source().orElseThrow(() -> Refusal.of("names.pasted", list.name())));
        NameTable table = NameTableReader.read(file);
        List<NameList.Row> rows = new ArrayList<>();
        for (List<String> cells : table.rows()) {
            boolean out =
                    list.rows().stream().anyMatch(r -> r.leftOut() && r.cells().equals(cells));
            rows.add(NameList.Row.of(cells).withLeftOut(out));
        }
        NameList fresh = list.withTable(table.columns(), rows);
        list.blanks().forEach(b -> fresh.column(b.column()));
        list.count().ifPresent(fresh::column);
        return fresh;
    }
}
