package rondel.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs the JMH benchmarks in pairs: the method {@code ours} of a class against its method {@code peer}. */
final class SmallBenchmarks {

    private SmallBenchmarks() {}

    static List<Bench.Row> rows() throws Exception {
        List<Bench.Row> rows = new ArrayList<>();
        rows.add(row(ReadingSvg.class, "read 500 SVG files, against Batik", 1.0));
        rows.add(row(PaintingSheet.class, "paint 3,000 outlines, against plain Graphics2D", 1.2));
        return rows;
    }

    private static Bench.Row row(Class<?> pair, String name, double aim) throws Exception {
        Options options = new OptionsBuilder()
                .include(pair.getName().replace("$", ".") + "\\.")
                .mode(Mode.AverageTime)
                .timeUnit(TimeUnit.MILLISECONDS)
                .warmupIterations(3)
                .warmupTime(TimeValue.seconds(2))
                .measurementIterations(5)
                .measurementTime(TimeValue.seconds(2))
                .forks(0)
                .verbosity(VerboseMode.SILENT)
                .build();
        Collection<RunResult> results = new Runner(options).run();
        return new Bench.Row(name, score(results, "ours"), score(results, "peer"), aim);
    }

    private static double score(Collection<RunResult> results, String method) {
        return results.stream()
                .filter(r -> r.getParams().getBenchmark().endsWith("." + method))
                .findFirst()
                .orElseThrow()
                .getPrimaryResult()
                .getScore();
    }
}
