package rondel.formats.svg;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.batik.css.parser.DefaultDocumentHandler;
import org.w3c.css.sac.LexicalUnit;
import org.w3c.css.sac.SACMediaList;
import org.w3c.css.sac.Selector;
import org.w3c.css.sac.SelectorList;

/** A selector with the properties it sets. */
record StyleRule(Selector selector, int specificity, Map<String, String> normal, Map<String, String> important) {

    boolean matches(SvgNode node) {
        return Selectors.matches(selector, node);
    }

    /** Takes rules from the parser, leaving out those for other media than a screen. */
    static final class Collector extends DefaultDocumentHandler {
        private final List<StyleRule> rules;
        private Map<String, String> normal = new HashMap<>();
        private Map<String, String> important = new HashMap<>();
        private int skipping;

        Collector(List<StyleRule> rules) {
            this.rules = rules;
        }

        @Override
        public void startMedia(SACMediaList media) {
            boolean ours = media.getLength() == 0;
            for (int i = 0; i < media.getLength(); i++) {
                ours |= media.item(i).equals("all") || media.item(i).equals("screen");
            }
            skipping += ours && skipping == 0 ? 0 : 1;
        }

        @Override
        public void endMedia(SACMediaList media) {
            skipping = Math.max(0, skipping - 1);
        }

        @Override
        public void startSelector(SelectorList selectors) {
            normal = new HashMap<>();
            important = new HashMap<>();
        }

        @Override
        public void property(String name, LexicalUnit value, boolean isImportant) {
            (isImportant ? important : normal).put(name, CssText.of(value));
        }

        @Override
        public void endSelector(SelectorList selectors) {
            for (int i = 0; skipping == 0 && i < selectors.getLength(); i++) {
                Selector s = selectors.item(i);
                rules.add(new StyleRule(s, Selectors.specificity(s), normal, important));
            }
        }
    }
}
