package rondel.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rondel.desktop.files.DemoJobs;
import rondel.gang.stock.ShippedStocks;
import rondel.handoff.sets.ShippedSets;
import rondel.job.HandOffSet;
import rondel.job.Material;
import rondel.job.Stock;
import rondel.run.passes.ShippedMaterials;
import rondel.run.stitch.SewingThread;
import rondel.run.stitch.ShippedThreads;
import rondel.words.Words;

/** Every word that the sources ask for is in each of the bundles, none is there for nothing, and none is in the sources. */
class WordsTest {

    private static final Pattern DIRECT =
            Pattern.compile("(?:Words|Refusal)\\s*\\.of\\(\\s*\"([A-Za-z0-9.-]+[A-Za-z0-9])\"");
    private static final Pattern FINDING = Pattern.compile(
            "(?:findings\\s*\\.(?:warn|note)\\(|Finding\\.of\\(Severity\\.[A-Z]+,)\\s*\"([A-Za-z0-9.-]+)\"");
    private static final Pattern COMMAND =
            Pattern.compile("(?:\\badd|\\boperation|\\bnudge)\\(\\s*\"([A-Za-z]+)\", \"");

    /** Comments, text blocks, strings and characters of a source. */
    private static final Pattern TOKEN = Pattern.compile(
            "/\\*.*?\\*/|//[^\\n]*|\"\"\".*?\"\"\"|\"((?:[^\"\\\\\\n]|\\\\.)*)\"|'(?:[^'\\\\]|\\\\.)+'",
            Pattern.DOTALL);
    /** Two words, as a sentence has. */
    private static final Pattern SENTENCE = Pattern.compile("[A-Za-z]{2,}[,:;]? [a-z]{2,}");
    /** What may have words in it though nobody reads them in the window: faults of the program, the log, SQL, names of threads. */
    private static final Pattern UNREAD = Pattern.compile(
            "(?:Exception\\(|\\.(?:warn|debug|info|name|setOutputCondition|contains)\\(|reportInputMismatch\\([^;]*|Refusal\\.of\\([^;]*|"
                    + "ParameterException\\([^;]*|setString\\([^;]*)\\s*$",
            Pattern.DOTALL);

    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final Path BUNDLES = ROOT.resolve("core/src/main/resources/rondel/words");

    @Test
    void noKeyIsMissing() throws IOException {
        Set<String> missing = new TreeSet<>();
        for (Map.Entry<Path, String> file : sources().entrySet()) {
            collect(DIRECT, "", file.getValue(), missing);
            collect(FINDING, "finding.", file.getValue(), missing);
            if (file.getKey().toString().endsWith("Commands.java")) {
                collect(COMMAND, "command.", file.getValue(), missing);
            }
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void noKeyIsThereForNothing() throws IOException {
        Set<String> named = named();
        List<String> starts = new ArrayList<>(named.stream()
                .filter(s -> s.matches("[A-Za-z][A-Za-z0-9-]*\\.(?:[A-Za-z0-9.-]*[.-])?"))
                .toList());
        starts.add("");
        List<String> ends = Stream.concat(Stream.of(""), named.stream().filter(s -> s.matches("\\.[A-Za-z0-9.-]+")))
                .toList();
        Set<String> shipped = shipped();
        Set<String> unused = new TreeSet<>();
        for (String key : bundle("words.properties").stringPropertyNames()) {
            boolean used = key.startsWith("usage.")
                    || key.startsWith("shipped.") && shipped.contains(key)
                    || starts.stream()
                            .filter(key::startsWith)
                            .map(s -> key.substring(s.length()))
                            .anyMatch(rest -> ends.stream()
                                    .filter(rest::endsWith)
                                    .anyMatch(e -> isNamed(rest.substring(0, rest.length() - e.length()), named)));
            if (!used) {
                unused.add(key);
            }
        }
        assertThat(unused).isEmpty();
    }

    /** Of two sentences under one key, the first is never said. */
    @Test
    void noKeyIsGivenTwice() throws IOException {
        try (Stream<Path> files = Files.list(BUNDLES)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".properties")).toList()) {
                assertThat(Files.readAllLines(file).stream()
                                .filter(l -> l.matches("[\\w.-]+=.*"))
                                .map(l -> l.substring(0, l.indexOf('='))))
                        .as(file.getFileName().toString())
                        .doesNotHaveDuplicates();
            }
        }
    }

    @Test
    void everyLanguageSaysTheSameThings() throws IOException {
        Properties english = bundle("words.properties");
        List<String> faults = new ArrayList<>();
        List<Path> others;
        try (Stream<Path> files = Files.list(BUNDLES)) {
            others = files.filter(f -> f.getFileName().toString().matches("words_.+\\.properties"))
                    .toList();
        }
        assertThat(others).isNotEmpty();
        for (Path other : others) {
            Properties words = bundle(other.getFileName().toString());
            Set<String> missing = new TreeSet<>(english.stringPropertyNames());
            missing.removeAll(words.stringPropertyNames());
            missing.forEach(k -> faults.add(other.getFileName() + " has no " + k));
            for (String key : words.stringPropertyNames()) {
                String there = english.getProperty(key);
                if (there == null) {
                    faults.add(other.getFileName() + " has too much: " + key);
                } else if (!key.startsWith("usage.") && !places(there).equals(places(words.getProperty(key)))) {
                    faults.add(key + " fills in " + places(words.getProperty(key)) + ", not " + places(there));
                }
            }
        }
        assertThat(faults).isEmpty();
    }

    @Test
    void noSentenceIsInTheSources() throws IOException {
        List<String> found = new ArrayList<>();
        for (Map.Entry<Path, String> file : sources().entrySet()) {
            String path = file.getKey().toString();
            if (path.contains("/devices/") || path.contains("/benchmarks/") || path.contains("/demo/")) {
                continue;
            }
            Matcher m = TOKEN.matcher(file.getValue());
            while (m.find()) {
                String text = m.group(1);
                if (text != null
                        && SENTENCE.matcher(text).find()
                        && !UNREAD.matcher(file.getValue().substring(Math.max(0, m.start() - 160), m.start()))
                                .find()
                        && KNOWN.stream().noneMatch(path::endsWith)) {
                    found.add(file.getKey().getFileName() + ": " + text);
                }
            }
        }
        assertThat(found).isEmpty();
    }

    /** Names of things that ship, samples of the reference, and what only programs read. */
    private static final List<String> KNOWN = List.of(
            "ComposeOperations.java",
            "HandOffOperations.java",
            "LinesOperations.java",
            "RunOperations.java",
            "SampleGang.java",
            "SampleRun.java",
            "SheetOperations.java",
            "ShippedSets.java",
            "ShippedMaterials.java",
            "ShippedThreads.java",
            "StageEntry.java",
            "HeadlessBench.java",
            "DemoHandOffCommand.java",
            "FontTerms.java",
            "AtomicFile.java",
            "ShelfIndex.java",
            "ElementQuery.java",
            "Components.java",
            "SvgNode.java",
            "SvgWriter.java",
            "RowsLayout.java",
            "SheetLines.java",
            "Extent.java",
            "ElementJson.java",
            "OperationJson.java",
            "BadJson.java");

    /** The places of a pattern: numbers, and whether one chooses a form. */
    private static Set<String> places(String pattern) {
        Set<String> places = new TreeSet<>();
        if (!pattern.matches(".*\\{\\d.*")) {
            return places;
        }
        MessagePattern parsed = new MessagePattern(pattern);
        for (int i = 0; i < parsed.countParts(); i++) {
            MessagePattern.Part part = parsed.getPart(i);
            if (part.getType() == MessagePattern.Part.Type.ARG_NUMBER) {
                places.add(parsed.getSubstring(part));
            }
        }
        return places;
    }

    private static Properties bundle(String name) throws IOException {
        Properties words = new Properties();
        try (Reader in = Files.newBufferedReader(BUNDLES.resolve(name))) {
            words.load(in);
        }
        return words;
    }

    private static Map<Path, String> sources() throws IOException {
        Map<Path, String> sources = new TreeMap<>();
        try (Stream<Path> files = Files.walk(ROOT)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> f.toString().contains("/src/main/"))
                    .toList()) {
                sources.put(file, Files.readString(file));
            }
        }
        return sources;
    }

    /** Keys of the names of what ships: each has one in every language. */
    private static Set<String> shipped() {
        return Stream.of(
                        ShippedThreads.ALL.stream().map(SewingThread::name),
                        ShippedMaterials.ALL.stream().map(Material::name),
                        ShippedSets.ALL.stream().map(HandOffSet::name),
                        ShippedStocks.ALL.stream()
                                .map(Stock::name)
                                .filter(n -> n.matches(".*[a-z]{3}.*") && !n.equals("Letter")))
                .flatMap(s -> s)
                .map(n -> "shipped." + n.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void whatShipsHasANameInEveryLanguage() throws IOException {
        assertThat(bundle("words.properties").stringPropertyNames()).containsAll(shipped());
    }

    private static boolean isNamed(String word, Set<String> named) {
        return named.contains(word)
                || named.contains(word.replace('.', '-'))
                || word.matches("[A-Za-z]+[.-].+")
                        && Stream.of(word.split("[.-]", 2)).allMatch(named::contains);
    }

    /** What words may be asked by: strings of the sources, names of constants as they are and as they are written in files, and what the
     *  tables name. */
    private static Set<String> named() throws IOException {
        Set<String> named = new TreeSet<>();
        String all = String.join("\n", sources().values());
        Matcher strings = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"").matcher(all + tables());
        while (strings.find()) {
            named.add(strings.group(1));
        }
        Matcher constants = Pattern.compile("\\b[A-Z][A-Z0-9_]*\\b").matcher(all);
        while (constants.find()) {
            named.add(constants.group());
            named.add(constants.group().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
        Matcher types =
                Pattern.compile("\\b(?:record|class|enum) ([A-Z][A-Za-z]*)").matcher(all);
        while (types.find()) {
            named.add(types.group(1));
            named.add(types.group(1).replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(Locale.ROOT));
            named.add(Character.toLowerCase(types.group(1).charAt(0))
                    + types.group(1).substring(1));
        }
        Matcher components =
                Pattern.compile("(?<=[a-z>] )([a-z][A-Za-z]*)(?=[,)])").matcher(all);
        while (components.find()) {
            named.add(components.group(1));
        }
        DemoJobs.all().forEach(d -> named.add("demo-" + d.name()));
        named.addAll(List.of("role", "colours"));
        return named;
    }

    /** The table of commands, whose names stand for words. */
    private static String tables() throws IOException {
        StringBuilder all = new StringBuilder();
        for (String line :
                Files.readAllLines(ROOT.resolve("desktop/src/main/resources/rondel/desktop/commands.table"))) {
            for (String word : line.split("[^A-Za-z0-9.-]+")) {
                all.append('"').append(word).append("\"\n");
            }
        }
        return all.toString();
    }

    private static void collect(Pattern pattern, String prefix, String source, Set<String> missing) {
        Matcher m = pattern.matcher(source);
        while (m.find()) {
            if (!Words.has(prefix + m.group(1))) {
                missing.add(prefix + m.group(1));
            }
        }
    }
}
