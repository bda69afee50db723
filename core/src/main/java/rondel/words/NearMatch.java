package rondel.words;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** What somebody may have meant who mistyped a word: by edit distance (Levenshtein 1966). */
public final class NearMatch {

    private static final int MOST = 3;

    private NearMatch() {}

    /** At most three, the nearest first; none that has nothing to do with it. */
    public static List<String> of(String typed, Collection<String> known) {
        String word = typed.toLowerCase(Locale.ROOT);
        int far = Math.max(2, word.length() / 3);
        return known.stream()
                .distinct()
                .filter(k -> distance(word, k.toLowerCase(Locale.ROOT)) <= far || isPart(word, k))
                .sorted(Comparator.<String>comparingInt(k -> distance(word, k.toLowerCase(Locale.ROOT)))
                        .thenComparing(Comparator.naturalOrder()))
                .limit(MOST)
                .toList();
    }

    private static boolean isPart(String word, String known) {
        String other = known.toLowerCase(Locale.ROOT);
        return word.length() > 2 && (other.contains(word) || other.length() > 2 && word.contains(other));
    }

    static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int above = row[j];
                int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                row[j] = Math.min(Math.min(row[j] + 1, row[j - 1] + 1), change);
                diagonal = above;
            }
        }
        return row[b.length()];
    }

    /** The words with commas between, behind a lead-in; nothing where there are none. */
    public static String sentence(String typed, Collection<String> known) {
        List<String> near = of(typed, known);
        return near.isEmpty() ? "" : Words.of("recipe.near", String.join(", ", near));
    }
}
