package rondel.launcher;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.PathMatcher;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import rondel.cli.RondelCommand;

/** Does what pages of the docs say, in the folder that it is started in: writes the files whose content they show, and runs their commands one after another, as
 *  somebody would type them. A program of its own, as commands are about files of the folder one is in. Says a line for each that fails. */
final class DocsPage {

    /** What the launcher's script does itself, or what needs a window; the demo has tests of its own. */
    static final Set<String> ELSEWHERE = Set.of("test", "bench", "soak", "package", "shots");

    /** They run until they are stopped. */
    private static final Set<String> STAND_INS = Set.of("cutter", "printer", "shop", "stitcher");

    static final Pattern COMMAND = Pattern.compile("^ {4,}(?:\\./)?rondel +(.+)$");
    private static final Pattern NAMED = Pattern.compile("^(?:.* )?`([\\w./-]+\\.(?:json|csv))`[^`]*:$");
    /** In ms. */
    private static final int A_MOMENT = 3_000;

    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|'([^']*)'|(\\S+)");
    private static final Pattern PORT = Pattern.compile("\\b(9100|9101|9102|8080)\\b");

    private final Map<String, String> ports = new HashMap<>();
    private boolean anyStandIn;

    private DocsPage() {}

    public static void main(String[] args) throws Exception {
        System.setProperty("java.awt.headless", "true");
        int failed = 0;
        for (String page : args) {
            failed += new DocsPage().run(Path.of(page));
        }
        System.exit(failed == 0 ? 0 : 1);
    }

    private int run(Path page) throws Exception {
        int failed = 0;
        Path named = null;
        List<String> content = null;
        for (String line : Files.readAllLines(page)) {
            Matcher name = NAMED.matcher(line);
            Matcher command = COMMAND.matcher(line);
            if (content != null && line.startsWith("```")) {
                write(named, content);
                named = null;
                content = null;
            } else if (content != null) {
                content.add(line);
            } else if (named != null && line.startsWith("```")) {
                content = new ArrayList<>();
            } else if (name.matches()) {
                named = Path.of(name.group(1));
            } else if (command.matches()) {
                failed += ran(typed(command.group(1))) ? 0 : 1;
            }
        }
        return failed;
    }

    private static void write(Path file, List<String> lines) throws IOException {
        Files.createDirectories(file.toAbsolutePath().getParent());
        Files.write(file, lines);
    }

    /** What stands behind wide space or a comment sign is said about the command. */
    static String typed(String said) {
        return said.replaceFirst("( {2,}| #| \\\\$).*$", "").replaceFirst("\\s+&$", "");
    }

    /** As a shell parts them. */
    static List<String> words(String typed) {
        List<String> words = new ArrayList<>();
        Matcher m = WORD.matcher(typed);
        while (m.find()) {
            words.add(Stream.of(m.group(1), m.group(2), m.group(3))
                    .filter(java.util.Objects::nonNull)
                    .findFirst()
                    .orElseThrow());
        }
        return words;
    }

    private boolean ran(String typed) throws Exception {
        List<String> words = new ArrayList<>();
        for (String word : words(typed)) {
            words.addAll(expanded(ownPorts(word)));
        }
        String verb = words.getFirst().equals("--language") ? words.get(2) : words.getFirst();
        if (ELSEWHERE.contains(verb) || verb.endsWith(".rondel") || verb.equals("demo")) {
            return true;
        }
        String[] args = words.toArray(String[]::new);
        if (STAND_INS.contains(verb)) {
            anyStandIn = true;
            Thread standIn = new Thread(() -> RondelCommand.run(args, System.err, System.err, Main.windowed()));
            standIn.setDaemon(true);
            standIn.start();
            await(Integer.parseInt(words.get(words.indexOf("--port") + 1)));
            return true;
        }
        Optional<String> failed = failed(args);
        if (failed.isPresent() && anyStandIn) {
            // What a stand-in was sent it writes a moment later; who types is slower than that.
            Thread.sleep(A_MOMENT);
            failed = failed(args);
        }
        failed.ifPresent(why -> System.out.println(typed + ": " + why));
        return failed.isEmpty();
    }

    private static Optional<String> failed(String[] args) {
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = RondelCommand.run(
                ProcessLanguage.settle(args),
                System.err,
                new PrintStream(err, true, StandardCharsets.UTF_8),
                Main.windowed());
        return code == 0
                ? Optional.empty()
                : Optional.of(code + " " + err.toString(StandardCharsets.UTF_8).strip());
    }

    /** The ports that the docs name may be somebody else's here. */
    private String ownPorts(String word) throws IOException {
        Matcher m = PORT.matcher(word);
        StringBuilder own = new StringBuilder();
        while (m.find()) {
            String port = m.group(1);
            if (!ports.containsKey(port)) {
                try (ServerSocket free = new ServerSocket(0)) {
                    ports.put(port, Integer.toString(free.getLocalPort()));
                }
            }
            m.appendReplacement(own, ports.get(port));
        }
        return m.appendTail(own).toString();
    }

    private static void await(int port) throws Exception {
        for (int i = 0; i < 200; i++) {
            try (Socket socket = new Socket()) {
                socket.connect(new InetSocketAddress("localhost", port), 200);
                return;
            } catch (IOException e) {
                Thread.sleep(50);
            }
        }
        throw new IOException("nobody listens at " + port);
    }

    private static List<String> expanded(String word) throws IOException {
        if (!word.contains("*") || word.contains("{")) {
            return List.of(word);
        }
        Path pattern = Path.of(word);
        Path folder = pattern.getParent() == null ? Path.of(".") : pattern.getParent();
        PathMatcher matcher = FileSystems.getDefault()
                .getPathMatcher("glob:" + pattern.getFileName().toString());
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(f -> matcher.matches(f.getFileName()))
                    .map(Path::toString)
                    .sorted()
                    .toList();
        }
    }
}
