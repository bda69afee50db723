package rondel.formats.job;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** The parts of a zip by their local headers, one after another, as far as they go: what is left where its directory at the end is gone, or a part
 *  breaks off (APPNOTE.TXT, .ZIP File Format Specification 6.3.10, 4.3.7). */
final class SalvagedArchive {

    private static final int HEADER = 30;
    private static final int SIGNATURE = 0x04034b50;
    private static final int STORED = 0;
    private static final int DEFLATED = 8;

    /** No part unpacks to more, in bytes. */
    private static final int LARGEST = 512 << 20;

    private final byte[] file;

    private SalvagedArchive(byte[] file) {
        this.file = file;
    }

    /** Parts by their names, each as far as it can be unpacked. */
    static Map<String, byte[]> parts(byte[] file) {
        return new SalvagedArchive(file).parts();
    }

    private Map<String, byte[]> parts() {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        for (int at = 0; at + HEADER <= file.length; at++) {
            if (number(at, 4) == SIGNATURE) {
                int names = (int) number(at + 26, 2);
                int extras = (int) number(at + 28, 2);
                int from = at + HEADER + names + extras;
                if (names == 0 || from > file.length) {
                    continue;
                }
                String name = new String(file, at + HEADER, names, StandardCharsets.UTF_8);
                int method = (int) number(at + 8, 2);
                if (name.equals("job.json") || name.startsWith("media/") && !name.contains("..")) {
                    byte[] content =
                            method == DEFLATED ? inflated(from) : method == STORED ? stored(at, from) : new byte[0];
                    parts.merge(name, content, (a, b) -> a.length >= b.length ? a : b);
                }
            }
        }
        return parts;
    }

    private byte[] stored(int header, int from) {
        long size = Math.min(number(header + 18, 4), file.length - (long) from);
        return java.util.Arrays.copyOfRange(file, from, from + (int) size);
    }

    private byte[] inflated(int from) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] buffer = new byte[1 << 16];
        try (Inflater inflater = new Inflater(true)) {
            inflater.setInput(file, from, file.length - from);
            while (!inflater.finished() && out.size() < LARGEST) {
                int n = inflater.inflate(buffer);
                if (n == 0) {
                    break;
                }
                out.write(buffer, 0, n);
            }
        } catch (DataFormatException damaged) {
            return out.toByteArray(); // as far as it went
        }
        return out.toByteArray();
    }

    /** A number whose lowest byte is first. */
    private long number(int at, int bytes) {
        long value = 0;
        for (int i = 0; i < bytes; i++) {
            value |= (file[at + i] & 0xffL) << 8 * i;
        }
        return value;
    }
}
