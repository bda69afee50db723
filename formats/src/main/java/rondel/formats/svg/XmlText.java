package rondel.formats.svg;

import java.util.Optional;
import java.util.function.Consumer;

/** Writes XML with one element a line, indented as it nests. */
final class XmlText {

    /** So much is written before it is handed on, in characters. */
    private static final int HANDFUL = 1 << 16;

    private final StringBuilder out = new StringBuilder();
    private final Optional<Consumer<CharSequence>> sink;
    private int depth;
    private boolean inTag;
    private boolean inline;

    XmlText(int depth) {
        this(depth, Optional.empty());
    }

    /** @param sink gets the text in handfuls as it is written; without, it is kept */
    XmlText(int depth, Optional<Consumer<CharSequence>> sink) {
        this.depth = depth;
        this.sink = sink;
    }

    /** Hands on what is left. */
    void finish() {
        sink.ifPresent(s -> s.accept(out));
        out.setLength(0);
    }

    XmlText open(String tag) {
        endTag(true);
        indent();
        out.append('<').append(tag);
        inTag = true;
        depth++;
        return this;
    }

    /** An element in running text, where every blank counts. */
    XmlText inline(String tag, String x, String y, String text) {
        endTag(false);
        out.append('<')
                .append(tag)
                .append(" x=\"")
                .append(x)
                .append("\" y=\"")
                .append(y)
                .append("\">");
        escape(text, false);
        out.append("</").append(tag).append('>');
        inline = true;
        return this;
    }

    XmlText attribute(String name, String value) {
        out.append(' ').append(name).append("=\"");
        escape(value, true);
        out.append('"');
        return this;
    }

    XmlText text(String text) {
        endTag(false);
        escape(text, false);
        inline = true;
        return this;
    }

    /** Text that is XML already, on lines of its own. */
    XmlText raw(String xml) {
        endTag(true);
        out.append(xml);
        return this;
    }

    XmlText close(String tag) {
        depth--;
        if (inTag) {
            out.append("/>\n");
            inTag = false;
        } else {
            if (!inline) {
                indent();
            }
            out.append("</").append(tag).append(">\n");
        }
        inline = false;
        if (sink.isPresent() && out.length() > HANDFUL) {
            finish();
        }
        return this;
    }

    @Override
    public String toString() {
        return out.toString();
    }

    private void endTag(boolean newLine) {
        if (inTag) {
            out.append(newLine ? ">\n" : ">");
            inTag = false;
        }
    }

    private void indent() {
        out.repeat(' ', depth);
    }

    /** XML 1.0, production 2. */
    private static boolean isXml(char c) {
        return c >= ' ' && c < 0xfffe;
    }

    private void escape(String text, boolean quoted) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '&' -> out.append("&amp;");
                case '"' -> out.append(quoted ? "&quot;" : "\"");
                case '\n', '\t', '\r' -> out.append(quoted ? "&#" + (int) c + ";" : String.valueOf(c));
                default -> {
                    boolean paired = Character.isHighSurrogate(c)
                                    && i + 1 < text.length()
                                    && Character.isLowSurrogate(text.charAt(i + 1))
                            || Character.isLowSurrogate(c) && i > 0 && Character.isHighSurrogate(text.charAt(i - 1));
                    if (isXml(c) && (paired || !Character.isSurrogate(c))) {
                        out.append(c);
                    }
                }
            }
        }
    }
}
