package rondel.formats.svg;

import rondel.words.Refusal;

/** Links that would need another file or the network. Rondel follows none: what is linked is left out with a finding, and a
 *  drawing that has nothing else is refused. */
final class ExternalLinks {

    private ExternalLinks() {}

    /** Whether a node links to another file; then a finding says so. */
    static boolean leadsAway(SvgReading reading, SvgNode node) {
        String href = node.attribute("href", "").strip();
        boolean away = !href.isEmpty() && !href.startsWith("#") && !href.startsWith("data:");
        if (away) {
            reading.findings.warn("svg.linkLeftOut", node.display(), shortened(href));
            reading.linksLeftOut.add(new Left(node.display(), shortened(href)));
        }
        return away;
    }

    /** A link that was not followed. */
    record Left(String node, String href) {

        /** For a drawing that has nothing else. */
        Refusal refusal(String file) {
            return Refusal.of("svg.externalLink", file, node, href);
        }
    }

    private static String shortened(String href) {
        return href.length() <= 80 ? href : href.substring(0, 77) + "…";
    }
}
