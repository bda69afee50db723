package rondel.desktop.ask;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import rondel.cache.LastUsed;
import rondel.desktop.command.Command;
import rondel.words.NearMatch;

/**
 * Finds commands by what people type: their labels, the other words for them, and the sentences that say what they do, by how much of
 * what was typed is in them. Words that say nothing by themselves count little, and a word may be mistyped by a letter.
 */
public final class AskIndex {

    private static final Set<String> LITTLE = Set.of(
            "a",
            "an",
            "the",
            "it",
            "this",
            "that",
            "my",
            "make",
            "do",
            "i",
            "how",
            "to",
            "of",
            "in",
            "on",
            "with",
            "for",
            "is",
            "be",
            "can",
            "want",
            "please",
            "some",
            "something",
            "things",
            "and",
            "them");

    /** What a word is worth where it is found. */
    private static final double IN_LABEL = 3;

    private static final double IN_WORDS = 3;
    private static final double IN_SENTENCE = 1;

    /** What all that was typed is worth where it stands as it is. */
    private static final double AS_TYPED = 6;

    private static final double OF_LITTLE = 0.2;
    private static final int SHORTEST_MISTYPED = 4;

    /** Words that were typed: those of a sentence, which is asked about again at each letter of the next one. */
    private static final int REMEMBERED = 32;

    private final List<Entry> entries = new ArrayList<>();
    private final Map<String, Integer> vocabulary = new LinkedHashMap<>();
    private final Map<String, double[]> likenesses = new LastUsed<>(REMEMBERED);

    /** A command, with its words by their place in the vocabulary. */
    private record Entry(
            Command command,
            String label,
            List<String> words,
            List<String> meanings,
            int[] inLabel,
            int[] inWords,
            int[] inSentence) {}

    private record Scored(Command command, double score, int place) {}

    /** A word that was typed: what it counts, and how like each of the vocabulary it is. */
    private record Asked(double worth, double[] likeness) {

        double best(int[] among) {
            double best = 0;
            for (int token : among) {
                best = Math.max(best, likeness[token]);
            }
            return best;
        }
    }

    public AskIndex(Iterable<Command> commands) {
        for (Command c : commands) {
            List<String> words = c.otherWords().stream().map(AskIndex::plain).toList();
            entries.add(new Entry(
                    c,
                    plain(c.label()),
                    words,
                    words.stream().map(w -> meaning(split(w))).toList(),
                    tokens(c.label()),
                    tokens(String.join(" ", words)),
                    tokens(c.does())));
        }
    }

    private int[] tokens(String text) {
        return split(plain(text)).stream()
                .distinct()
                .mapToInt(w -> vocabulary.computeIfAbsent(w, k -> vocabulary.size()))
                .toArray();
    }

    private static List<String> split(String plain) {
        return Arrays.asList(plain.split(" "));
    }

    /** The commands that are likeliest meant, those first that can be used where several are as likely.
     *
     * @param most how many */
    public List<Command> find(String typed, int most) {
        String whole = plain(typed);
        if (whole.isEmpty()) {
            return List.of();
        }
        List<String> typedWords = split(whole);
        List<Asked> asked = typedWords.stream()
                .map(w -> new Asked(LITTLE.contains(w) ? OF_LITTLE : 1, likenesses.computeIfAbsent(w, this::likeness)))
                .toList();
        String meaning = meaning(typedWords);
        List<Scored> found = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            double score = score(entries.get(i), whole, meaning, asked);
            if (score > 0) {
                found.add(new Scored(entries.get(i).command, score, i));
            }
        }
        found.sort(Comparator.comparingDouble(Scored::score)
                .reversed()
                .thenComparing(s -> !s.command.enabled().getAsBoolean())
                .thenComparingInt(Scored::place));
        return found.stream().limit(most).map(Scored::command).toList();
    }

    private static double score(Entry e, String whole, String meaning, List<Asked> asked) {
        double score = 0;
        double possible = 0;
        for (Asked word : asked) {
            possible += word.worth;
            score += word.worth
                    * Math.max(
                            IN_LABEL * word.best(e.inLabel),
                            Math.max(IN_WORDS * word.best(e.inWords), IN_SENTENCE * word.best(e.inSentence)));
        }
        score /= Math.max(possible, 0.5);
        if (e.label.equals(whole) || e.words.contains(whole)) {
            score += AS_TYPED;
        } else if (!meaning.isEmpty() && e.meanings.contains(meaning)) {
            score += AS_TYPED / 2;
        } else if (e.label.startsWith(whole) || e.words.stream().anyMatch(w -> w.startsWith(whole))) {
            score += AS_TYPED / 3;
        }
        return score < 0.4 ? 0 : score;
    }

    /** What is left without words that say nothing. */
    private static String meaning(List<String> words) {
        return String.join(" ", words.stream().filter(w -> !LITTLE.contains(w)).toList());
    }

    private double[] likeness(String word) {
        double[] all = new double[vocabulary.size()];
        vocabulary.forEach((known, token) -> all[token] = likeness(word, known));
        return all;
    }

    /** 1 for a word that is known, less for one that begins it, or that is it mistyped. */
    private static double likeness(String word, String known) {
        if (known.equals(word) || known.equals(word + "s") || word.equals(known + "s")) {
            return 1;
        }
        if (word.length() > 1 && known.startsWith(word)) {
            return 0.8;
        }
        boolean mistyped = word.length() >= SHORTEST_MISTYPED
                && Math.abs(known.length() - word.length()) < 2
                && !NearMatch.of(word, List.of(known)).isEmpty();
        return mistyped ? 0.4 : 0;
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\d ]+", " ")
                .replaceAll("\\bcolor", "colour")
                .replaceAll("\\bcenter", "centre")
                .strip()
                .replaceAll(" +", " ");
    }
}
