package rondel.formats.hpgl;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/** Reads HP-GL byte by byte, as it comes from a line: two letters, figures with commas, spaces or signs between them, and an end that is a
 *  semicolon or the next letter. Labels are passed over; bytes that mean nothing are counted. It keeps no more than one instruction. */
public final class HpglParser {

    /** How many figures an instruction may have; what goes beyond is handed on as further ones of the same code. */
    private static final int MOST_FIGURES = 256;

    private static final int LONGEST_NUMBER = 24;
    private static final char ESC = 27;
    private static final char ETX = 3;

    private final Consumer<HpglInstruction> to;
    private final List<Double> figures = new ArrayList<>();
    private final StringBuilder number = new StringBuilder();
    private String code = "";
    private char first;
    private Part part = Part.BETWEEN;
    private char labelEnd = ETX;
    private long unread;

    private enum Part {
        BETWEEN,
        SECOND_LETTER,
        FIGURES,
        LABEL,
        LABEL_END,
        ESCAPE,
        ESCAPE_LETTER,
        ESCAPE_FIGURES
    }

    public HpglParser(Consumer<HpglInstruction> to) {
        this.to = to;
    }

    /** How many bytes meant nothing. */
    public long unread() {
        return unread;
    }

    public void take(byte[] bytes, int length) {
        for (int i = 0; i < length; i++) {
            take((char) (bytes[i] & 0xff));
        }
    }

    /** What was begun counts as whole. */
    public void end() {
        if (part == Part.FIGURES) {
            finish();
        }
        part = Part.BETWEEN;
    }

    private void take(char c) {
        if (c == ESC && part != Part.LABEL) {
            end();
            part = Part.ESCAPE;
            return;
        }
        switch (part) {
            case BETWEEN -> begin(c);
            case SECOND_LETTER -> second(c);
            case FIGURES -> figure(c);
            case LABEL -> {
                if (c == labelEnd) {
                    part = Part.BETWEEN;
                }
            }
            case LABEL_END -> {
                labelEnd = c == ';' ? ETX : c;
                part = Part.BETWEEN;
            }
            case ESCAPE -> {
                unread += c == '.' ? 0 : 1;
                part = c == '.' ? Part.ESCAPE_LETTER : Part.BETWEEN;
            }
            case ESCAPE_LETTER -> {
                code = "ESC." + c;
                // These ask or act at once; the others have figures up to a colon.
                boolean bare = "BELOJKRYZ()".indexOf(c) >= 0;
                if (bare) {
                    finish();
                    part = Part.BETWEEN;
                } else {
                    part = Part.ESCAPE_FIGURES;
                }
            }
            case ESCAPE_FIGURES -> {
                if (c == ':') {
                    endNumber();
                    finish();
                    part = Part.BETWEEN;
                } else if (Character.isDigit(c)) {
                    digit(c);
                } else {
                    endNumber();
                }
            }
        }
    }

    private void begin(char c) {
        if (isLetter(c)) {
            first = c;
            part = Part.SECOND_LETTER;
        } else if (c > ' ' && c != ';' && c != ',') {
            unread++;
        }
    }

    private void second(char c) {
        if (isLetter(c)) {
            code = ("" + first + c).toUpperCase(Locale.ROOT);
            part = switch (code) {
                case "LB" -> Part.LABEL;
                case "DT" -> Part.LABEL_END;
                default -> Part.FIGURES;
            };
        } else if (c > ' ') {
            unread += 2;
            part = Part.BETWEEN;
        }
    }

    private void figure(char c) {
        if (Character.isDigit(c) && c < 128 || c == '.') {
            digit(c);
        } else if (c == '+' || c == '-') {
            endNumber();
            digit(c);
        } else if (c == ',' || c <= ' ') {
            endNumber();
        } else if (c == ';') {
            finish();
            part = Part.BETWEEN;
        } else if (isLetter(c)) {
            finish();
            first = c;
            part = Part.SECOND_LETTER;
        } else {
            unread++;
        }
    }

    private void digit(char c) {
        if (number.length() < LONGEST_NUMBER) {
            number.append(c);
        }
    }

    private void endNumber() {
        if (number.isEmpty()) {
            return;
        }
        try {
            figures.add(Double.valueOf(number.toString()));
        } catch (NumberFormatException e) {
            unread += number.length();
        }
        number.setLength(0);
        if (figures.size() >= MOST_FIGURES) {
            to.accept(new HpglInstruction(code, figures));
            figures.clear();
        }
    }

    private void finish() {
        endNumber();
        to.accept(new HpglInstruction(code, figures));
        figures.clear();
    }

    private static boolean isLetter(char c) {
        return c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z';
    }
}
