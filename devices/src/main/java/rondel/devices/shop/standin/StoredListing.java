package rondel.devices.shop.standin;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A listing as the shop has it; guarded by the shop. */
final class StoredListing {

    private final String id;
    private final String title;
    private final String price;
    private final List<String> words;
    private final Map<String, byte[]> files = new TreeMap<>();
    private final Map<String, TreeMap<Integer, byte[]>> parts = new TreeMap<>();
    private boolean published;

    StoredListing(String id, String title, String price, List<String> words) {
        this.id = id;
        this.title = title;
        this.price = price;
        this.words = List.copyOf(words);
    }

    String id() {
        return id;
    }

    String title() {
        return title;
    }

    String price() {
        return price;
    }

    List<String> words() {
        return words;
    }

    boolean isPublished() {
        return published;
    }

    void publish() {
        published = true;
    }

    Map<String, byte[]> files() {
        return files;
    }

    void part(String file, int number, byte[] bytes) {
        parts.computeIfAbsent(file, f -> new TreeMap<>()).put(number, bytes);
    }

    Map<Integer, byte[]> partsOf(String file) {
        return parts.getOrDefault(file, new TreeMap<>());
    }

    /** The first parts of a file, one after the other; nothing where one is missing. */
    byte[] joined(String file, int count) {
        Map<Integer, byte[]> own = partsOf(file);
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (int i = 0; i < count; i++) {
            byte[] part = own.get(i);
            if (part == null) {
                return new byte[0];
            }
            all.writeBytes(part);
        }
        return all.toByteArray();
    }

    void complete(String file, byte[] bytes) {
        files.put(file, bytes);
        parts.remove(file);
    }
}
