package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.names.NameListFile;
import rondel.formats.names.NameTable;
import rondel.formats.names.NameTableReader;
import rondel.gang.names.AddNames;
import rondel.gang.names.ChangeNames;
import rondel.gang.names.ColumnMatching;
import rondel.gang.names.FillNames;
import rondel.gang.names.NameFindings;
import rondel.job.Design;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.NameList;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts a list of names into a job, one design a row; “rondel gang --list” lays it out. */
@Command(name = "names", mixinStandardHelpOptions = true)
final class NamesCommand implements Callable<Integer> {

    @Mixin
    private JobChange change;

    @Parameters(index = "1", paramLabel = "LIST.csv")
    private Path file;

    @Option(names = "--template", paramLabel = "ID|SHEET", defaultValue = "1")
    private String template;

    @Option(names = "--name", paramLabel = "TEXT")
    private Optional<String> name = Optional.empty();

    @Option(
            names = {"--map", "--picture"},
            paramLabel = "COLUMN=BLANK")
    private List<String> map = List.of();

    @Option(names = "--count-column", paramLabel = "COLUMN")
    private Optional<String> count = Optional.empty();

    @Option(names = "--room", paramLabel = "L", converter = TypedLength.Converter.class)
    private Optional<TypedLength> room = Optional.empty();

    @Option(names = "--smallest", paramLabel = "L", converter = TypedLength.Converter.class)
    private Optional<TypedLength> smallest = Optional.empty();

    @Option(names = "--skip", paramLabel = "N", split = ",")
    private List<Integer> skip = List.of();

    @Option(names = "--json")
    private boolean json;

    private final PrintStream out;

    NamesCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        NameTable table = NameTableReader.read(file);
        List<NameList> made = new ArrayList<>();
        change.make(List.of(file), job -> {
            NameListFile lists = new NameListFile(FontsAtHand.usual());
            FillNames.Filled filled = lists.filled(job, list(job, table));
            Optional<NameList> known = job.lists().stream()
                    .filter(l -> l.name().equals(filled.list().name()))
                    .findFirst();
            NameList list = known.map(k -> filled.list().withId(k.id()))
                    .orElseGet(() -> new AddNames(filled.list(), filled.media()).added(job));
            made.add(list);
            if (known.filter(list::equals).isPresent()) {
                return job;
            }
            return UsualEditing.editing()
                    .apply(
                            known.isPresent()
                                    ? new ChangeNames(list, filled.media())
                                    : new AddNames(list, filled.media()),
                            job);
        });
        print(made.getFirst());
        return 0;
    }

    private NameList list(Job job, NameTable table) {
        Design of = GangDesigns.design(job, template);
        String called = name.orElseGet(() -> file.getFileName().toString().replaceAll("\\.[^.]*$", ""));
        NameList list = NameListFile.list(job, of, table, called, Optional.of(file));
        List<NameList.Blank> blanks = map.isEmpty() ? list.blanks() : mapped(job, of, list);
        if (blanks.isEmpty()) {
            throw Refusal.of("names.unmapped");
        }
        List<NameList.Row> rows = new ArrayList<>(list.rows());
        for (int n : skip) {
            if (n < 1 || n > rows.size()) {
                throw Refusal.of("names.noRow", n, rows.size());
            }
            rows.set(n - 1, rows.get(n - 1).withLeftOut(true));
        }
        count.ifPresent(list::column);
        return new NameList(
                list.id(),
                list.name(),
                list.template(),
                list.source(),
                list.columns(),
                blanks.stream().map(b -> fitted(job, b)).toList(),
                count.or(list::count),
                rows);
    }

    private NameList.Blank fitted(Job job, NameList.Blank b) {
        return new NameList.Blank(
                b.column(),
                b.element(),
                room.map(r -> OptionalDouble.of(r.mm(job.unit()))).orElse(b.room()),
                smallest.map(s -> s.mm(job.unit())).orElse(b.smallest()));
    }

    private List<NameList.Blank> mapped(Job job, Design of, NameList list) {
        List<ColumnMatching.Place> places = ColumnMatching.places(job, of);
        List<NameList.Blank> blanks = new ArrayList<>();
        for (String said : map) {
            int at = said.indexOf('=');
            if (at < 1) {
                throw Refusal.of("names.mapping", said);
            }
            String column = said.substring(0, at).strip();
            String blank = said.substring(at + 1).strip();
            list.column(column);
            ElementId element = places.stream()
                    .filter(p -> p.element().value().equals(blank)
                            || p.name().equals(blank)
                            || p.says().equals(blank))
                    .findFirst()
                    .map(ColumnMatching.Place::element)
                    .orElseThrow(() -> Refusal.of("template.noBlank", blank));
            blanks.add(new NameList.Blank(column, element, OptionalDouble.empty(), NameList.Blank.USUAL_SMALLEST));
        }
        return blanks;
    }

    private void print(NameList list) {
        List<NameFindings.About> findings = NameFindings.of(list);
        long left = list.rows().stream().filter(NameList.Row::leftOut).count();
        if (json) {
            ObjectNode o = JsonNodeFactory.instance.objectNode();
            o.put("list", list.id().value()).put("name", list.name());
            o.put("rows", list.rows().size()).put("left_out", left);
            ArrayNode columns = o.putArray("blanks");
            list.blanks().forEach(b -> columns.addObject()
                    .put("column", b.column())
                    .put("element", b.element().value()));
            ArrayNode fitted = o.putArray("fitted");
            for (int i = 0; i < list.rows().size(); i++) {
                for (NameList.FilledText t : list.rows().get(i).texts()) {
                    if (t.how() != NameList.Fitted.AS_IT_IS) {
                        fitted.addObject()
                                .put("row", i + 1)
                                .put("says", t.lettering().content())
                                .put(
                                        "how",
                                        t.how().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                                .put("size_mm", Math.rint(t.lettering().size() * 1000) / 1000);
                    }
                }
            }
            ArrayNode found = o.putArray("findings");
            findings.forEach(f -> found.addObject()
                    .put("row", f.row() + 1)
                    .put("code", f.finding().code())
                    .put("sentence", f.finding().sentence()));
            out.println(Json.text(o));
            return;
        }
        out.println(
                Words.of("cli.names.told", list.name(), list.id(), list.rows().size(), left, findings.size()));
        findings.forEach(f -> out.println("  " + f.finding().sentence()));
    }
}
