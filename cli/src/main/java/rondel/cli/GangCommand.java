package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Timer;
import java.util.TimerTask;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.formats.fonts.UsualEditing;
import rondel.gang.copies.DesignContents;
import rondel.gang.plan.LayOut;
import rondel.gang.plan.NestPlan;
import rondel.gang.plan.PlanFigures;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.NestSettings;
import rondel.job.Plan;
import rondel.job.PlannedSheet;
import rondel.job.RowSettings;
import rondel.job.Sheet;
import rondel.job.Way;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lays copies of designs out on stock, and adds the sheets to the job. */
@Command(name = "gang", mixinStandardHelpOptions = true)
final class GangCommand implements Callable<Integer> {

    /** How copies are laid out. */
    enum WayName {
        ROWS,
        NEST,
        FOLD_TAG,
        FOLD_CARD
    }

    /** How pieces may be turned. */
    enum Turn {
        NONE,
        HALF,
        QUARTER,
        MIXED,
        FREE
    }

    @Mixin
    private JobChange change;

    @Mixin
    private GangDesigns designs = new GangDesigns();

    @Mixin
    private GangStock stock = new GangStock();

    @Option(names = "--name", paramLabel = "TEXT", defaultValue = "")
    private String name;

    @Option(names = "--gutter", paramLabel = "L|X,Y", split = ",", converter = TypedLength.Converter.class)
    private List<TypedLength> gutter = List.of();

    @Option(names = "--edge", paramLabel = "L", converter = TypedLength.Converter.class)
    private Optional<TypedLength> edge = Optional.empty();

    @Option(names = "--way", converter = ChoiceConverter.OfWay.class, paramLabel = "WAY", defaultValue = "rows")
    private WayName way;

    @Option(names = "--turn", paramLabel = "TURN", defaultValue = "none")
    private Turn turn;

    @Option(names = "--alternate", paramLabel = "HOW", defaultValue = "none")
    private RowSettings.Alternate alternate;

    @Option(names = "--corner")
    private boolean corner;

    @Option(names = "--order", paramLabel = "ORDER", defaultValue = "across")
    private Way.Order order;

    @Option(names = "--cut-boxes")
    private boolean boxes;

    @Option(names = "--grain", paramLabel = "HOW", defaultValue = "any")
    private NestSettings.Grain grain;

    @Option(names = "--no-holes")
    private boolean noHoles;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1")
    private long seed;

    @Option(names = "--rounds", paramLabel = "N", defaultValue = "20")
    private int rounds;

    @Option(names = "--seconds", paramLabel = "N")
    private Optional<Integer> seconds = Optional.empty();

    @Option(names = "--marks", paramLabel = "MARK", split = ",")
    private List<String> marks = List.of();

    @Option(names = "--json")
    private boolean json;

    private final PrintStream out;

    GangCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        List<Job> made = new ArrayList<>();
        change.make(job -> {
            LayOut plain = new LayOut(name, designs.of(job, way), stock.of(job), way(job), marks());
            LayOut lay = way == WayName.NEST ? searched(job, plain) : plain;
            Job done = UsualEditing.editing().apply(lay, job);
            made.add(done);
            return done;
        });
        print(made.getFirst());
        return 0;
    }

    private LayOut searched(Job job, LayOut lay) {
        NestPlan nest = new NestPlan(lay.plan(job), new DesignContents(job));
        Timer timer = new Timer("nest", true);
        seconds.ifPresent(s -> timer.schedule(
                new TimerTask() {
                    @Override
                    public void run() {
                        nest.stop();
                    }
                },
                s * 1000L));
        try {
            Plan found = nest.run(p -> {});
            return new LayOut(lay.name(), lay.designs(), lay.stocks(), found.way(), lay.marks());
        } finally {
            timer.cancel();
        }
    }

    private Way way(Job job) {
        List<Double> mm = gutter.stream().map(g -> g.mm(job.unit())).toList();
        double x = mm.isEmpty() ? 0 : mm.getFirst();
        if (way == WayName.NEST) {
            NestSettings.Turns turns =
                    switch (turn) {
                        case NONE -> NestSettings.Turns.NONE;
                        case HALF -> NestSettings.Turns.HALF;
                        case QUARTER, MIXED -> NestSettings.Turns.QUARTER;
                        case FREE -> NestSettings.Turns.FREE;
                    };
            double from = edge.map(e -> e.mm(job.unit())).orElse(0.0);
            return new Way.Nest(
                    new NestSettings(x, from, turns, !noHoles, grain, seed, seconds.isPresent() ? 10_000 : rounds),
                    Optional.empty());
        }
        RowSettings.Turns turns =
                switch (turn) {
                    case NONE, HALF -> RowSettings.Turns.NONE;
                    case QUARTER -> RowSettings.Turns.QUARTER;
                    case MIXED, FREE -> RowSettings.Turns.MIXED;
                };
        RowSettings.Alternate rows = turn == Turn.HALF ? RowSettings.Alternate.TURNED : alternate;
        return new Way.Rows(
                new RowSettings(x, mm.size() > 1 ? mm.get(1) : x, turns, rows, !corner),
                order,
                boxes ? Way.Cutting.BOXES : Way.Cutting.OWN);
    }

    private MarkSettings marks() {
        for (String m : marks) {
            if (!List.of("trim", "fold", "register", "names", "colours").contains(m.strip())) {
                throw Refusal.of("cli.noMark", m.strip());
            }
        }
        List<String> all = marks.stream().map(String::strip).toList();
        return new MarkSettings(
                all.contains("trim"),
                all.contains("fold"),
                all.contains("register"),
                all.contains("names"),
                all.contains("colours"),
                MarkSettings.NONE.length(),
                MarkSettings.NONE.offset(),
                MarkSettings.NONE.weight());
    }

    private void print(Job job) {
        Plan plan = job.plans().getLast();
        PlanFigures f = PlanFigures.of(job, plan);
        List<Sheet> sheets = PlannedSheet.sheetsOf(job, plan.id());
        if (json) {
            ObjectNode o = JsonNodeFactory.instance.objectNode();
            o.put("plan", plan.id().value()).put("name", plan.name());
            o.put("sheets", f.sheets()).put("copies", f.copies()).put("copies_a_sheet", f.fullest());
            o.put("used", Math.rint(f.used() * 1e4) / 1e4);
            f.cost().ifPresent(c -> o.put("cost", Math.rint(c * 100) / 100));
            ArrayNode numbers = o.putArray("sheet_numbers");
            sheets.forEach(s -> numbers.add(job.sheets().indexOf(s) + 1));
            ArrayNode made = o.putArray("designs");
            f.made().forEach(m -> {
                ObjectNode d = made.addObject();
                d.put("name", DesignContents.name(job, m.design())).put("count", m.count());
                m.wanted().ifPresent(w -> d.put("wanted", w));
            });
            out.println(Json.text(o));
            return;
        }
        Point size = new Point(plan.stock().width(), plan.stock().height());
        out.println(Words.of(
                        "cli.gang.told",
                        plan.name(),
                        f.copies(),
                        f.sheets(),
                        plan.stock().name(),
                        Decimals.of(size.x(), 1),
                        Decimals.of(size.y(), 1),
                        f.fullest(),
                        Decimals.of(100 * f.used(), 1))
                + (f.cost().isPresent() ? ", " + Decimals.of(f.cost().getAsDouble(), 2) : ""));
        sheets.forEach(
                s -> out.println("  " + Words.of("cli.gang.sheet", job.sheets().indexOf(s) + 1, s.name())));
    }
}
