package rondel.formats.artwork;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.formats.files.FileName;

/** Every kind of file that artwork can be in: how it begins, what such files are called, and what they end in. The one place
 *  that a new kind is entered; its reader is named in {@code reading.ArtworkReader}. */
public enum ArtworkKind {
    PNG("PNG", false, List.of("png")) {
        @Override
        boolean begins(byte[] bytes) {
            return startsWith(bytes, 0x89, 'P', 'N', 'G');
        }
    },
    JPEG("JPEG", false, List.of("jpg", "jpeg", "jpe", "jfif")) {
        @Override
        boolean begins(byte[] bytes) {
            return startsWith(bytes, 0xff, 0xd8);
        }
    },
    /** An SVG drawing packed with gzip (RFC 1952). */
    PACKED_SVG("SVG", true, List.of("svgz")) {
        @Override
        boolean begins(byte[] bytes) {
            return startsWith(bytes, 0x1f, 0x8b);
        }
    },
    JOB("Rondel", true, List.of("rondel")) {
        @Override
        boolean begins(byte[] bytes) {
            return startsWith(bytes, 'P', 'K', 3, 4);
        }
    },
    /** A drawing for machines, as text or in binary form, which is refused with a word of its own. */
    DXF("DXF", true, List.of("dxf")) {
        @Override
        boolean begins(byte[] bytes) {
            String text =
                    new String(bytes, 0, Math.min(bytes.length, FIRST), java.nio.charset.StandardCharsets.ISO_8859_1);
            return text.replace("\ufeff", "").matches("(?s)[\\s\u00ef\u00bb\u00bf]*(0\\s*\\R\\s*SECTION|999\\s*\\R).*")
                    || text.contains("Binary DXF");
        }
    },
    /** A tape of stitches. */
    TAPE("DST", true, List.of("dst")) {
        @Override
        boolean begins(byte[] bytes) {
            return startsWith(bytes, 'L', 'A', ':');
        }
    },
    /** A page of a PDF; there may be blanks or a few odd bytes before its head. */
    PDF("PDF", true, List.of("pdf")) {
        @Override
        boolean begins(byte[] bytes) {
            return new String(bytes, 0, Math.min(bytes.length, FIRST), java.nio.charset.StandardCharsets.ISO_8859_1)
                    .contains("%PDF-");
        }
    },
    SVG("SVG", true, List.of("svg")) {
        /** White space and byte order marks may come before the first bracket; UTF-16 has a zero beside it. */
        @Override
        boolean begins(byte[] bytes) {
            for (int i = 0; i < Math.min(bytes.length, FIRST); i++) {
                int b = bytes[i] & 255;
                if (b == '<') {
                    return true;
                }
                boolean skip = b == 0 || b <= ' ' || b == 0xef || b == 0xbb || b == 0xbf || b == 0xfe || b == 0xff;
                if (!skip) {
                    return false;
                }
            }
            return false;
        }
    };

    /** How many of a file's bytes tell its kind. */
    public static final int FIRST = 64;

    private final String title;
    private final boolean drawn;
    private final List<String> endings;

    ArtworkKind(String title, boolean drawn, List<String> endings) {
        this.title = title;
        this.drawn = drawn;
        this.endings = endings;
    }

    /** @param bytes the first of a file, {@link #FIRST} or more where it has so many */
    public static Optional<ArtworkKind> ofBytes(byte[] bytes) {
        return Arrays.stream(values()).filter(k -> k.begins(bytes)).findFirst();
    }

    /** The kind that a file's ending tells of. */
    public static Optional<ArtworkKind> ofName(String file) {
        String ending = FileName.extension(file);
        return Arrays.stream(values()).filter(k -> k.endings.contains(ending)).findFirst();
    }

    /** Every ending there is, without dots, in lower case. */
    public static Stream<String> allEndings() {
        return Arrays.stream(values()).flatMap(k -> k.endings.stream());
    }

    /** What people call it. */
    public String title() {
        return title;
    }

    /** Whether it is made of pixels only. */
    public boolean isPicture() {
        return !drawn;
    }

    /** Its usual ending, without the dot. */
    public String ending() {
        return endings.getFirst();
    }

    abstract boolean begins(byte[] bytes);

    private static boolean startsWith(byte[] bytes, int... start) {
        if (bytes.length < start.length) {
            return false;
        }
        for (int i = 0; i < start.length; i++) {
            if ((bytes[i] & 255) != start[i]) {
                return false;
            }
        }
        return true;
    }
}
