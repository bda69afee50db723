package rondel.formats.svg;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** An element of an SVG document, or a run of text inside one, as parsed: names without their prefix. */
final class SvgNode {

    static final String TEXT = "#text";

    final String tag;
    final Optional<SvgNode> parent;
    final Map<String, String> attributes;
    final List<SvgNode> children = new ArrayList<>(2);
    final int line;
    private final StringBuilder text = new StringBuilder(0);
    private final SvgNode written;
    private Style style;

    SvgNode(String tag, SvgNode parent, Map<String, String> attributes, int line) {
        this.tag = tag;
        this.parent = Optional.ofNullable(parent);
        this.attributes = attributes;
        this.line = line;
        this.written = this;
    }

    private SvgNode(SvgNode like, SvgNode user) {
        this.tag = like.tag;
        this.parent = Optional.of(user);
        this.attributes = like.attributes;
        this.line = like.line;
        this.written = like.written;
        this.text.append(like.text);
        like.children.forEach(c -> children.add(new SvgNode(c, this)));
    }

    /** The node with everything in it, as a child of the one that uses it, so that it inherits from there; but which rules of
     *  a style sheet are about it depends on where it is written (SVG 2, 5.6). */
    SvgNode usedBy(SvgNode user) {
        return new SvgNode(this, user);
    }

    static SvgNode text(SvgNode parent, String content) {
        SvgNode node = new SvgNode(TEXT, parent, Map.of(), parent.line);
        node.text.append(content);
        return node;
    }

    Optional<String> attribute(String name) {
        return Optional.ofNullable(attributes.get(name));
    }

    String attribute(String name, String otherwise) {
        return attributes.getOrDefault(name, otherwise);
    }

    boolean is(String name) {
        return tag.equals(name);
    }

    String text() {
        return text.toString();
    }

    void append(String more) {
        text.append(more);
    }

    /** All text inside, whatever the elements around it. */
    String textContent() {
        if (is(TEXT)) {
            return text();
        }
        StringBuilder all = new StringBuilder();
        children.forEach(c -> all.append(c.textContent()));
        return all.toString();
    }

    /** Where a reference leads to: an id in this document, or nothing for another kind of link. */
    Optional<String> href() {
        return attribute("href")
                .map(String::strip)
                .filter(h -> h.startsWith("#"))
                .map(h -> h.substring(1));
    }

    /** How the element is called in a sentence. */
    String display() {
        return attribute("id").map(id -> "<" + tag + " id=\"" + id + "\">").orElse("<" + tag + "> in line " + line);
    }

    Style style(StyleSheet sheet) {
        if (style == null) {
            style = new Style(parent.map(p -> p.style(sheet)).orElse(null), sheet.declared(written));
        }
        return style;
    }

    /** Every node with an id, the first where an id stands twice. */
    Map<String, SvgNode> byId() {
        Map<String, SvgNode> ids = new HashMap<>();
        collect(ids);
        return ids;
    }

    private void collect(Map<String, SvgNode> ids) {
        attribute("id").ifPresent(id -> ids.putIfAbsent(id, this));
        children.forEach(c -> c.collect(ids));
    }
}
