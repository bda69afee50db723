package rondel.launcher;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;
import rondel.cli.Overwriting;
import rondel.desktop.files.DemoJobs;
import rondel.formats.files.AtomicFile;
import rondel.words.Words;

/** The jobs, drawings and lists of the demo as files in a folder: what the guide's commands are about. */
@Command(name = "files", mixinStandardHelpOptions = true)
final class DemoFilesCommand implements Callable<Integer> {

    private static final String DEMO = "/rondel/demo/";
    private static final String ART = "artwork/";
    private static final List<String> LISTS = List.of("beaches.csv");

    private final PrintStream out;

    @Parameters(index = "0", arity = "0..1", paramLabel = "DIR")
    private Path folder = Path.of(".");

    @Mixin
    private Overwriting overwriting;

    DemoFilesCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws IOException {
        List<String> jobs = new ArrayList<>();
        for (DemoJobs.DemoJob job : DemoJobs.all()) {
            jobs.add(job.name() + ".rondel");
            write("jobs/" + job.name() + ".rondel", folder.resolve(jobs.getLast()));
        }
        for (String list : LISTS) {
            write("lists/" + list, folder.resolve(list));
        }
        List<String> drawings = new String(bytes(ART + "index.txt"), StandardCharsets.UTF_8)
                .lines()
                .map(l -> l.replaceFirst(" \\|.*", ""))
                .toList();
        for (String drawing : drawings) {
            write(ART + drawing, folder.resolve("art").resolve(drawing));
        }
        jobs.forEach(out::println);
        out.println(Words.of("demo.files", drawings.size(), LISTS.getFirst()));
        return 0;
    }

    private void write(String resource, Path target) throws IOException {
        Files.createDirectories(target.toAbsolutePath().getParent());
        byte[] bytes = bytes(resource);
        AtomicFile.write(target, overwriting.check(target, List.of()), to -> to.write(bytes));
    }

    private static byte[] bytes(String resource) throws IOException {
        try (InputStream in = DemoFilesCommand.class.getResourceAsStream(DEMO + resource)) {
            if (in == null) {
                throw new IOException(DEMO + resource);
            }
            return in.readAllBytes();
        }
    }
}
