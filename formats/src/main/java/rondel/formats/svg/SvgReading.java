package rondel.formats.svg;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.progress.Cancellation;
import rondel.text.FontBook;
import rondel.words.Refusal;

/** What the parts of one reading share. */
final class SvgReading {

    private static final int MOST = 300_000;

    final String file;
    final StyleSheet sheet;
    final SvgFindings findings;
    final Supplier<FontBook> fonts;
    final Map<MediaId, Media> media = new LinkedHashMap<>();
    final List<ExternalLinks.Left> linksLeftOut = new ArrayList<>();
    private final Map<String, SvgNode> ids;
    private final Deque<SvgNode> inUse = new ArrayDeque<>();
    private int built;

    SvgReading(String file, SvgNode root, SvgFindings findings, Supplier<FontBook> fonts) {
        this.file = file;
        this.findings = findings;
        this.fonts = fonts;
        this.sheet = StyleSheet.of(root, findings);
        this.ids = root.byId();
    }

    Style style(SvgNode node) {
        return node.style(sheet);
    }

    Optional<SvgNode> byId(String id) {
        return Optional.ofNullable(ids.get(id));
    }

    /** The node a {@code url(#id)} leads to. */
    Optional<SvgNode> target(String url) {
        return UrlReference.id(url).flatMap(this::byId);
    }

    /** Counts what is built, so that a small file that reuses itself a billion times ends in a sentence. */
    void count() {
        Cancellation.check();
        if (++built > MOST) {
            throw Refusal.of("svg.tooMany", file);
        }
    }

    /** Marks a node as being expanded; false where it is already, which would never end. */
    boolean enter(SvgNode node) {
        if (inUse.contains(node)) {
            findings.warn("svg.usesItself", node.display());
            return false;
        }
        inUse.push(node);
        return true;
    }

    void leave() {
        inUse.pop();
    }

    /** Reads a length attribute in px, or what stands for it. */
    double length(SvgNode node, String attribute, double whole, double otherwise) {
        Optional<String> text = node.attribute(attribute);
        if (text.isEmpty()) {
            return otherwise;
        }
        try {
            Optional<Double> px = SvgLength.px(text.get(), whole, style(node).fontSize());
            if (px.isEmpty() && !text.get().equals("auto")) {
                findings.note("svg.badLength", text.get(), node.display());
            }
            return px.orElse(otherwise);
        } catch (Numbers.NotFinite e) {
            throw notFinite(node);
        }
    }

    Refusal notFinite(SvgNode node) {
        return Refusal.of("svg.notFinite", file, node.display());
    }
}
