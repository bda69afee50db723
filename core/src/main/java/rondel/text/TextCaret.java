package rondel.text;

import java.text.BreakIterator;

/** Text while it is edited: what it says, where the caret stands, and where the selection began. Characters are those that a
 *  person sees (grapheme clusters, Unicode Standard Annex 29), so that no accent is parted from its letter.
 *
 * @param at where the caret stands, from 0 to the length of the content
 * @param anchor the other end of what is selected; the same where nothing is */
public record TextCaret(String content, int at, int anchor) {

    public TextCaret {
        at = Math.clamp(at, 0, content.length());
        anchor = Math.clamp(anchor, 0, content.length());
    }

    public static TextCaret endOf(String content) {
        return new TextCaret(content, content.length(), content.length());
    }

    public static TextCaret all(String content) {
        return new TextCaret(content, content.length(), 0);
    }

    public int from() {
        return Math.min(at, anchor);
    }

    public int to() {
        return Math.max(at, anchor);
    }

    public boolean isSelecting() {
        return at != anchor;
    }

    public String selected() {
        return content.substring(from(), to());
    }

    /** With something in the place of what is selected. */
    public TextCaret typed(String by) {
        String next = content.substring(0, from()) + by + content.substring(to());
        int after = from() + by.length();
        return new TextCaret(next, after, after);
    }

    /** Without what is selected, else without the character before the caret. */
    public TextCaret withoutBefore() {
        return isSelecting() ? typed("") : moved(-1, false, true).typed("");
    }

    /** Without what is selected, else without the character after the caret. */
    public TextCaret withoutAfter() {
        return isSelecting() ? typed("") : moved(1, false, true).typed("");
    }

    /** With the caret elsewhere.
     *
     * @param extend whether what is passed is selected */
    public TextCaret to(int index, boolean extend) {
        int next = Math.clamp(index, 0, content.length());
        return new TextCaret(content, next, extend ? anchor : next);
    }

    /** With the caret a character or a word on or back; without extending, a selection collapses to its end on that side. */
    public TextCaret moved(int step, boolean word, boolean extend) {
        if (isSelecting() && !extend && !word) {
            return to(step < 0 ? from() : to(), false);
        }
        return to(word ? word(step) : character(step), extend);
    }

    private int character(int step) {
        BreakIterator breaks = BreakIterator.getCharacterInstance();
        breaks.setText(content);
        int next = step < 0 ? at > 0 ? breaks.preceding(at) : 0 : at < content.length() ? breaks.following(at) : at;
        return next == BreakIterator.DONE ? at : next;
    }

    private int word(int step) {
        BreakIterator breaks = BreakIterator.getWordInstance();
        breaks.setText(content);
        int next = at;
        do {
            int from = next;
            next = step < 0
                    ? from > 0 ? breaks.preceding(from) : 0
                    : from < content.length() ? breaks.following(from) : from;
            if (next == from || next == BreakIterator.DONE) {
                return from;
            }
        } while (!startsWord(next) && next > 0 && next < content.length());
        return next;
    }

    private boolean startsWord(int index) {
        return index < content.length() && Character.isLetterOrDigit(content.codePointAt(index));
    }

    /** With the word at an index selected. */
    public TextCaret wordAt(int index) {
        BreakIterator breaks = BreakIterator.getWordInstance();
        breaks.setText(content);
        int i = Math.clamp(index, 0, Math.max(0, content.length() - 1));
        int end = content.isEmpty() ? 0 : breaks.following(i);
        int start = content.isEmpty() ? 0 : breaks.previous();
        return new TextCaret(content, end, start);
    }

    /** Where the line begins in which the caret stands. */
    public int lineStart() {
        return content.lastIndexOf('\n', at - 1) + 1;
    }

    public int lineEnd() {
        int end = content.indexOf('\n', at);
        return end < 0 ? content.length() : end;
    }
}
