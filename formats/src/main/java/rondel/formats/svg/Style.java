package rondel.formats.svg;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What an element's properties are, once attributes, style sheets and what its parents hand down have been weighed. */
final class Style {

    private static final Set<String> NOT_INHERITED = Set.of(
            "opacity",
            "clip-path",
            "mask",
            "filter",
            "display",
            "stop-color",
            "stop-opacity",
            "overflow",
            "vector-effect",
            "transform",
            "baseline-shift",
            "text-decoration",
            "mix-blend-mode",
            "isolation",
            "mask-type",
            "flood-color",
            "flood-opacity");

    private final Style parent;
    private final Map<String, String> declared;

    /** @param parent null for the root */
    Style(Style parent, Map<String, String> declared) {
        this.parent = parent;
        this.declared = declared;
    }

    Optional<String> get(String property) {
        String own = declared.get(property);
        if (own != null && !own.equals("inherit")) {
            return own.equals("initial") || own.equals("unset") && NOT_INHERITED.contains(property)
                    ? Optional.empty()
                    : Optional.of(own);
        }
        boolean handedDown = own != null || !NOT_INHERITED.contains(property);
        return handedDown && parent != null ? parent.get(property) : Optional.empty();
    }

    String get(String property, String otherwise) {
        return get(property).orElse(otherwise);
    }

    /** The font's em in px. */
    double fontSize() {
        String size = declared.get("font-size");
        double inherited = parent == null ? 16 : parent.fontSize();
        return size == null || size.equals("inherit") ? inherited : SvgLength.fontSize(size, inherited);
    }
}
