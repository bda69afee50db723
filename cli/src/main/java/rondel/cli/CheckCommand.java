package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.catalogue.AllChecks;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.job.Job;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Mending;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Says what would go wrong in the making of a job, and mends what it can where that is asked. */
@Command(name = "check", mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {

    private final PrintStream out;
    private final PrintStream err;

    @Mixin
    private JobChange change;

    @Option(names = "--json")
    private boolean json;

    @Option(names = "--mend")
    private boolean mend;

    CheckCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    @Override
    public Integer call() {
        List<Finding> found = new ArrayList<>();
        if (mend) {
            change.make(job -> {
                Job mended = mended(job);
                found.addAll(check(mended));
                return mended;
            });
        } else {
            found.addAll(check(change.read()));
        }
        if (json) {
            out.println(Json.text(json(found)));
        } else {
            found.forEach(f -> out.println(word(f) + "  " + f.sentence()));
        }
        return 0;
    }

    private static List<Finding> check(Job job) {
        return AllChecks.of(new Checked(job, FontsAtHand.usual().get(), Limits.USUAL));
    }

    /** Fixes are made one at a time and looked for again, as one may clear or change others; none is tried twice. */
    private Job mended(Job job) {
        Job now = job;
        Mending mending =
                new Mending(UsualEditing.editing(), FontsAtHand.usual().get(), Limits.USUAL);
        Set<Operation> tried = new HashSet<>();
        Optional<Finding> next;
        while ((next = fixable(mending, now, tried)).isPresent()) {
            try {
                now = mending.make(next.get(), now).job();
            } catch (Refusal e) {
                err.println(e.getMessage());
            }
        }
        return now;
    }

    private static Optional<Finding> fixable(Mending mending, Job job, Set<Operation> tried) {
        return mending.findings(job).stream()
                .filter(f -> f.fix().isPresent()
                        && tried.add(f.fix().get().operation().get()))
                .findFirst();
    }

    private static String word(Finding f) {
        return f.severity().name().toLowerCase(Locale.ROOT);
    }

    private static ArrayNode json(List<Finding> found) {
        OperationJson operations = new OperationJson(MediaStore.inline());
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (Finding f : found) {
            ObjectNode o = all.addObject()
                    .put("severity", word(f))
                    .put("code", f.code())
                    .put("sentence", f.sentence());
            f.element().ifPresent(id -> o.put("element", id.value()));
            f.fix()
                    .ifPresent(
                            fix -> o.set("fix", operations.write(fix.operation().get())));
        }
        return all;
    }
}
