package rondel.desktop.gang.planning;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.desk.Workers;
import rondel.formats.names.NameListFile;
import rondel.formats.names.NameTable;
import rondel.formats.names.NameTableReader;
import rondel.gang.names.AddNames;
import rondel.gang.names.ChangeNames;
import rondel.gang.names.ColumnMatching;
import rondel.gang.names.FillNames;
import rondel.gang.names.NameDesigns;
import rondel.gang.names.NameFindings;
import rondel.job.Design;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.NameList;
import rondel.operation.Operation;
import rondel.text.FontBook;
import rondel.words.Refusal;
import rondel.words.Words;

/** A list of names while it is looked at: read or pasted, matched to blanks, edited, filled in anew in the background after every change, and at
 *  last kept in the job and laid out. */
public final class NamesModel {

    private final GangModel gang;
    private final Desk desk;
    private final Progress progress;
    private final NameListFile files;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<Design> template;
    private Optional<NameList> list;
    private Optional<FillNames.Filled> filled = Optional.empty();
    private Map<Integer, List<NameFindings.About>> findings = Map.of();
    private Workers.Task task = new Workers.Task();

    public NamesModel(GangModel gang, Progress progress, Supplier<FontBook> fonts, Optional<Design> template) {
        this.gang = gang;
        this.desk = gang.desk();
        this.progress = progress;
        this.files = new NameListFile(fonts);
        Job job = desk.bench().job();
        // A plan that lays out a list is looked at with that list.
        this.list = gang.plan().stream()
                .flatMap(p -> p.designs().stream())
                .flatMap(d -> d.design().everything())
                .filter(Design.Row.class::isInstance)
                .flatMap(d -> job.list(((Design.Row) d).list()).stream())
                .findFirst()
                .filter(l -> desk.bench().sheet().planned().isPresent());
        this.template = list.map(NameList::template).or(() -> template);
        fill();
    }

    public Desk desk() {
        return desk;
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    private void tell() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    public Optional<Design> template() {
        return template;
    }

    public void template(Design other) {
        template = Optional.of(other);
        list.ifPresent(l -> take(
                new NameTable(
                        l.columns(), l.rows().stream().map(NameList.Row::cells).toList()),
                l.name(),
                l.source().map(Path::of)));
        tell();
    }

    /** The texts and windows of the template. */
    public List<ColumnMatching.Place> places() {
        return template.map(t -> ColumnMatching.places(desk.bench().job(), t)).orElse(List.of());
    }

    public Optional<NameList> list() {
        return filled.map(FillNames.Filled::list).or(() -> list);
    }

    /** What is to be said of a row. */
    public List<NameFindings.About> findings(int row) {
        return findings.getOrDefault(row, List.of());
    }

    public int findings() {
        return findings.values().stream().mapToInt(List::size).sum();
    }

    /** Reads a file in the background. */
    public void read(Path file) {
        progress.runFile(
                Words.of("names.reading"),
                () -> NameTableReader.read(file),
                table -> take(table, file.getFileName().toString().replaceAll("\\.[^.]*$", ""), Optional.of(file)));
    }

    /** Takes a table that was copied somewhere. */
    public void paste(String text) {
        try {
            take(NameTableReader.parse(text), Words.of("names.pastedList"), Optional.empty());
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }

    /** Reads the list's file again. */
    public void again() {
        list.ifPresent(l -> progress.runFile(Words.of("names.reading"), () -> NameListFile.again(l), fresh -> {
            list = Optional.of(fresh);
            filled = Optional.empty();
            fill();
        }));
    }

    private void take(NameTable table, String name, Optional<Path> source) {
        try {
            Design of = template.orElseThrow(() -> Refusal.of("names.noTemplate"));
            NameList made = NameListFile.list(desk.bench().job(), of, table, name, source);
            list = Optional.of(list.map(l -> made.withId(l.id())).orElse(made));
            filled = Optional.empty();
            fill();
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }

    /** The column that goes into a blank, where one does. */
    public Optional<NameList.Blank> blank(ElementId element) {
        return list().flatMap(l ->
                l.blanks().stream().filter(b -> b.element().equals(element)).findFirst());
    }

    /** Lets a column go into a blank; none where none is named. */
    public void map(ElementId element, Optional<String> column, OptionalDouble room, double smallest) {
        list().ifPresent(l -> {
            List<NameList.Blank> blanks = new ArrayList<>(l.blanks());
            blanks.removeIf(b -> b.element().equals(element));
            column.ifPresent(c -> blanks.add(new NameList.Blank(c, element, room, smallest)));
            change(new NameList(l.id(), l.name(), l.template(), l.source(), l.columns(), blanks, l.count(), l.rows()));
        });
    }

    public void count(Optional<String> column) {
        list().ifPresent(l -> change(
                new NameList(l.id(), l.name(), l.template(), l.source(), l.columns(), l.blanks(), column, l.rows())));
    }

    public void cell(int row, int column, String said) {
        row(row, r -> {
            List<String> cells = new ArrayList<>(r.cells());
            cells.set(column, said);
            return r.withCells(cells);
        });
    }

    public void leaveOut(int row, boolean out) {
        row(row, r -> r.withLeftOut(out));
    }

    private void row(int row, java.util.function.UnaryOperator<NameList.Row> change) {
        list().ifPresent(l -> {
            List<NameList.Row> rows = new ArrayList<>(l.rows());
            rows.set(row, change.apply(rows.get(row)));
            change(l.withRows(rows));
        });
    }

    private void change(NameList other) {
        if (!list().equals(Optional.of(other))) {
            list = Optional.of(other);
            filled = Optional.empty();
            fill();
        }
    }

    /** Sets all rows in the background; what is shown until then is the table. */
    private void fill() {
        task.cancel();
        tell();
        list.ifPresent(l -> {
            Job job = desk.bench().job();
            task = desk.workers()
                    .run(
                            () -> files.filled(job, l),
                            f -> {
                                if (list.filter(now -> now == l).isPresent()) {
                                    filled = Optional.of(f);
                                    findings = byRow(NameFindings.of(f.list()));
                                    tell();
                                }
                            },
                            desk.notices()::failed,
                            () -> {});
        });
    }

    private static Map<Integer, List<NameFindings.About>> byRow(List<NameFindings.About> all) {
        Map<Integer, List<NameFindings.About>> rows = new HashMap<>();
        all.forEach(a -> rows.computeIfAbsent(a.row(), r -> new ArrayList<>()).add(a));
        return rows;
    }

    public boolean isFilled() {
        return filled.isPresent();
    }

    /** The job as it would be with the list in it: for looking at single rows. */
    public Optional<Job> preview() {
        return filled.map(f -> {
            Job job = desk.bench().job();
            NameList kept = kept(f);
            if (job.list(kept.id()).filter(kept::equals).isPresent()) {
                return job;
            }
            return desk.bench().history().editing().direct(edit(f), job);
        });
    }

    /** The design of a row, in the job that {@link #preview} gives. */
    public Design.Row design(int row) {
        NameList kept = kept(filled.orElseThrow());
        return new Design.Row(kept.template(), kept.id(), row);
    }

    private NameList kept(FillNames.Filled f) {
        return new AddNames(f.list(), f.media()).added(desk.bench().job());
    }

    private Operation edit(FillNames.Filled f) {
        NameList kept = kept(f);
        return desk.bench().job().list(kept.id()).isPresent()
                ? new ChangeNames(kept, f.media())
                : new AddNames(kept, f.media());
    }

    /** Keeps the list in the job; one that no plan lays out yet is laid out.
     *
     * @throws Refusal if there is no list, or no row of it is made */
    public void keep() {
        FillNames.Filled f = filled.orElseThrow(() -> Refusal.of("names.notFilled"));
        NameList kept = kept(f);
        if (kept.blanks().isEmpty()) {
            throw Refusal.of("names.unmappedHere");
        }
        NameDesigns.of(kept);
        Job job = desk.bench().job();
        boolean known = job.list(kept.id()).isPresent();
        if (known && job.list(kept.id()).get().equals(kept)) {
            return;
        }
        desk.perform(edit(f), () -> desk.bench().whenSettled(() -> {
            if (known) {
                gang.relist(kept);
            } else {
                gang.layOut(NameDesigns.of(kept));
            }
        }));
    }
}
