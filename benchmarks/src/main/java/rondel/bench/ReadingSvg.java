package rondel.bench;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.DocumentLoader;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.UserAgentAdapter;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.infra.Blackhole;
import org.w3c.dom.Document;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.svg.SvgReader;

/** Five hundred SVG files into elements, against Batik's document and graphics tree of the same files. The files are
 *  those in the folder that the property {@code rondel.svg} names, else the shipped drawings and the tests' clip art. */
@State(Scope.Benchmark)
public class ReadingSvg {

    private static final int COUNT = 500;

    private final List<byte[]> files = new ArrayList<>();
    private final ShippedFonts fonts = new ShippedFonts();

    @Setup
    public void read() throws IOException {
        List<byte[]> found = new ArrayList<>();
        String folder = System.getProperty("rondel.svg");
        Path home = Path.of(System.getProperty("rondel.home", "."));
        List<Path> roots = folder != null
                ? List.of(Path.of(folder))
                : List.of(
                        home.resolve("demo/src/main/resources/rondel/demo/artwork"),
                        home.resolve("formats/src/test/resources/rondel/formats/clipart"));
        for (Path root : roots) {
            try (Stream<Path> paths = Files.walk(root)) {
                for (Path p : paths.filter(p -> p.toString().endsWith(".svg"))
                        .sorted()
                        .toList()) {
                    byte[] bytes = Files.readAllBytes(p);
                    if (!new String(bytes, StandardCharsets.UTF_8).contains("<text")) {
                        found.add(bytes);
                    }
                }
            }
        }
        for (int i = 0; i < COUNT; i++) {
            files.add(found.get(i % found.size()));
        }
    }

    @Benchmark
    public void ours(Blackhole hole) {
        for (byte[] file : files) {
            hole.consume(SvgReader.read(new ByteArrayInputStream(file), "file.svg", fonts));
        }
    }

    @Benchmark
    public void peer(Blackhole hole) throws IOException {
        for (byte[] file : files) {
            Document document =
                    new SAXSVGDocumentFactory(null).createDocument("file:///file.svg", new ByteArrayInputStream(file));
            UserAgentAdapter agent = new UserAgentAdapter();
            BridgeContext context = new BridgeContext(agent, new DocumentLoader(agent));
            hole.consume(new GVTBuilder().build(context, document));
            context.dispose();
        }
    }
}
