package rondel.formats.journal;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.CRC32C;

/** One line of a journal: its number, a checksum (CRC-32C, RFC 3720 B.4) of number and content, and the content as JSON without
 *  line feeds. A line that was cut short or changed is told from a whole one. */
record JournalLine(int number, String json) {

    String text() {
        return number + " " + checksum() + " " + json + "\n";
    }

    /** @return nothing where it is no whole line */
    static Optional<JournalLine> parse(String text) {
        String[] parts = text.split(" ", 3);
        if (parts.length < 3 || !parts[0].matches("\\d{1,9}")) {
            return Optional.empty();
        }
        return Optional.of(new JournalLine(Integer.parseInt(parts[0]), parts[2]))
                .filter(line -> line.checksum().equals(parts[1]));
    }

    private String checksum() {
        CRC32C crc = new CRC32C();
        crc.update((number + " " + json).getBytes(StandardCharsets.UTF_8));
        return "%08x".formatted(crc.getValue());
    }
}
