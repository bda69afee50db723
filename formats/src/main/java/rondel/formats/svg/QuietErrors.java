package rondel.formats.svg;

import org.w3c.css.sac.CSSParseException;
import org.w3c.css.sac.ErrorHandler;

/** Turns what a style sheet gets wrong into a finding; the rest of the sheet still counts, as CSS wants. */
record QuietErrors(SvgFindings findings, SvgNode node) implements ErrorHandler {

    @Override
    public void warning(CSSParseException e) {
        findings.note("svg.styleUnreadable", node.display());
    }

    @Override
    public void error(CSSParseException e) {
        findings.note("svg.styleUnreadable", node.display());
    }

    @Override
    public void fatalError(CSSParseException e) {
        findings.note("svg.styleUnreadable", node.display());
    }
}
