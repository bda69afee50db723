package rondel.bench.soak;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Damage as disks, networks and other programs do it, and as nobody does: always the same for the same seed. */
final class Mutation {

    private static final List<String> NASTY = List.of(
            "NaN",
            "1e308",
            "-1e308",
            "1e-308",
            "-1",
            "0",
            "99999999999",
            "\"\"",
            "null",
            "{}",
            "[]",
            "true",
            "\ufffe",
            "((((((((",
            "e999",
            ".",
            "-",
            "none",
            "url(#a)",
            "#12",
            "1e9",
            "\u0000",
            "&lt;",
            "<g>",
            "]]",
            "9e15");

    private Mutation() {}

    /** Flips, cuts, repeats and overwrites bytes. */
    static byte[] ofBytes(byte[] original, Random random) {
        byte[] bytes = original.clone();
        for (int i = 1 + random.nextInt(4); i > 0 && bytes.length > 4; i--) {
            int at = random.nextInt(bytes.length);
            switch (random.nextInt(6)) {
                case 0 -> bytes[at] ^= (byte) (1 << random.nextInt(8));
                case 1 -> bytes[at] = (byte) random.nextInt(256);
                case 2 -> bytes = Arrays.copyOf(bytes, at + 1);
                case 3 -> bytes = without(bytes, at, 1 + random.nextInt(16));
                case 4 -> bytes = repeated(bytes, at, 1 + random.nextInt(64));
                default ->
                    Arrays.fill(bytes, at, Math.min(bytes.length, at + 8), (byte) (random.nextBoolean() ? 0 : 255));
            }
        }
        return bytes;
    }

    /** Puts odd words in the place of numbers and words, drops and doubles pieces. */
    static byte[] ofText(byte[] original, Random random) {
        String text = new String(original, StandardCharsets.UTF_8);
        for (int i = 1 + random.nextInt(4); i > 0 && text.length() > 8; i--) {
            int at = random.nextInt(text.length());
            int end = at;
            while (end < text.length() && end - at < 24 && !" \",:<>=\n".contains(text.substring(end, end + 1))) {
                end++;
            }
            String nasty = NASTY.get(random.nextInt(NASTY.size()));
            String piece = text.substring(at, Math.min(text.length(), at + 1 + random.nextInt(200)));
            text = switch (random.nextInt(5)) {
                case 0, 1 -> text.substring(0, at) + nasty + text.substring(end);
                case 2 -> text.substring(0, at) + text.substring(Math.min(text.length(), at + piece.length()));
                case 3 -> text.substring(0, at) + piece.repeat(1 + random.nextInt(6)) + text.substring(at);
                default -> text.substring(0, at) + nasty + text.substring(at);
            };
        }
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] without(byte[] bytes, int at, int count) {
        int end = Math.min(bytes.length, at + count);
        byte[] less = Arrays.copyOf(bytes, bytes.length - (end - at));
        System.arraycopy(bytes, end, less, at, bytes.length - end);
        return less;
    }

    private static byte[] repeated(byte[] bytes, int at, int count) {
        int end = Math.min(bytes.length, at + count);
        byte[] more = Arrays.copyOf(bytes, bytes.length + end - at);
        System.arraycopy(bytes, at, more, end, bytes.length - at);
        return more;
    }
}
