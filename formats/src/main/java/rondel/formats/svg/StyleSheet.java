package rondel.formats.svg;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.batik.css.parser.Parser;
import org.w3c.css.sac.CSSException;
import org.w3c.css.sac.InputSource;

/** The rules of a document's style elements, and which of them hold for a node (CSS 2.2, 6.4). */
final class StyleSheet {

    /** Stands for a style sheet in another file, which is never read. */
    static final String LINK = "?xml-stylesheet";

    /** Attributes that say what a style property would say (SVG 2, 6.6). */
    private static final Set<String> PRESENTATION = Set.of(
            "fill",
            "fill-opacity",
            "fill-rule",
            "stroke",
            "stroke-width",
            "stroke-opacity",
            "stroke-linecap",
            "stroke-linejoin",
            "stroke-miterlimit",
            "stroke-dasharray",
            "stroke-dashoffset",
            "opacity",
            "color",
            "display",
            "visibility",
            "clip-path",
            "clip-rule",
            "mask",
            "filter",
            "stop-color",
            "stop-opacity",
            "font-family",
            "font-size",
            "font-style",
            "font-weight",
            "text-anchor",
            "letter-spacing",
            "baseline-shift",
            "overflow",
            "paint-order",
            "vector-effect",
            "mix-blend-mode",
            "mask-type",
            "marker-start",
            "marker-mid",
            "marker-end",
            "text-decoration",
            "writing-mode");

    private final List<StyleRule> rules;
    private final Map<String, Map<String, String>> parsedStyles = new HashMap<>();

    private StyleSheet(List<StyleRule> rules) {
        this.rules = rules;
    }

    /** Reads style elements; a part that is no CSS is a finding, and the rest counts. */
    static StyleSheet of(SvgNode root, SvgFindings findings) {
        List<StyleRule> rules = new ArrayList<>();
        collect(root, rules, findings);
        rules.sort(Comparator.comparingInt(StyleRule::specificity));
        return new StyleSheet(rules);
    }

    private static void collect(SvgNode node, List<StyleRule> rules, SvgFindings findings) {
        if (node.is(LINK)) {
            findings.warn("svg.styleElsewhere");
        }
        if (node.is("style") && node.attribute("type", "text/css").contains("css")) {
            String css = node.textContent().replace("<!--", "").replace("-->", "");
            if (css.contains("@import")) {
                findings.warn("svg.styleElsewhere");
            }
            try {
                Parser parser = new Parser();
                parser.setDocumentHandler(new StyleRule.Collector(rules));
                parser.setErrorHandler(new QuietErrors(findings, node));
                parser.parseStyleSheet(new InputSource(new StringReader(css)));
            } catch (CSSException | java.io.IOException e) {
                findings.note("svg.styleUnreadable", node.display());
            }
        }
        node.children.forEach(c -> collect(c, rules, findings));
    }

    Map<String, String> declared(SvgNode node) {
        if (node.is(SvgNode.TEXT)) {
            return Map.of();
        }
        Map<String, String> result = new HashMap<>();
        node.attributes.forEach((name, value) -> {
            if (PRESENTATION.contains(name)) {
                result.put(name, value.strip());
            }
        });
        for (StyleRule rule : rules) {
            if (rule.matches(node)) {
                result.putAll(rule.normal());
            }
        }
        node.attribute("style").ifPresent(s -> result.putAll(declarations(s)));
        for (StyleRule rule : rules) {
            if (!rule.important().isEmpty() && rule.matches(node)) {
                result.putAll(rule.important());
            }
        }
        return result;
    }

    private Map<String, String> declarations(String style) {
        return parsedStyles.computeIfAbsent(style, StyleSheet::split);
    }

    /** Splits {@code a:b;c:d}, leaving semicolons inside quotes and brackets alone. */
    private static Map<String, String> split(String style) {
        Map<String, String> result = new HashMap<>();
        int start = 0;
        int depth = 0;
        char quote = 0;
        for (int i = 0; i <= style.length(); i++) {
            char c = i == style.length() ? ';' : style.charAt(i);
            if (quote != 0 && i < style.length()) {
                quote = c == quote ? 0 : quote;
            } else if (c == '"' || c == '\'') {
                quote = c;
            } else if (c == '(') {
                depth++;
            } else if (c == ')') {
                depth--;
            } else if (c == ';' && (depth <= 0 || i == style.length())) {
                declaration(style.substring(start, i), result);
                start = i + 1;
            }
        }
        return result;
    }

    private static void declaration(String text, Map<String, String> result) {
        int colon = text.indexOf(':');
        if (colon > 0) {
            String value = text.substring(colon + 1).strip();
            int bang = value.indexOf('!');
            result.put(
                    text.substring(0, colon).strip(),
                    bang < 0 ? value : value.substring(0, bang).strip());
        }
    }
}
