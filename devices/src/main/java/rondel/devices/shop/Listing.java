package rondel.devices.shop;

import java.nio.file.Path;
import java.util.List;

/** What is to be listed.
 *
 * @param key the same for the same listing, however often it is tried
 * @param words to be found by
 * @param files in the order in which they are shown */
public record Listing(String key, String title, String price, List<String> words, List<Path> files) {
    public Listing {
        words = List.copyOf(words);
        files = List.copyOf(files);
    }
}
