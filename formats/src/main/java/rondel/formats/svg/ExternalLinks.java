package rondel.formats.svg;

import rondel.words.Refusal;

/** Links that would need another file or the network. Rondel follows none, so a drawing that needs one is refused. */
final class ExternalLinks {

    private ExternalLinks() {}

    static void refuse(String file, SvgNode node) {
        String href = node.attribute("href", "").strip();
        if (!href.isEmpty() && !href.startsWith("#") && !href.startsWith("data:")) {
            throw Refusal.of("svg.externalLink", file, node.display(), shortened(href));
        }
    }

    private static String shortened(String href) {
        return href.length() <= 80 ? href : href.substring(0, 77) + "…";
    }
}
