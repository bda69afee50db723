package rondel.desktop.ask;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
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

    private final List<Entry> entries = new ArrayList<>();

    private record Entry(
            Command command,
            String label,
            List<String> words,
            Set<String> inLabel,
            Set<String> inWords,
            Set<String> inSentence) {}

    private record Scored(Command command, double score, int place) {}

    public AskIndex(Iterable<Command> commands) {
        for (Command c : commands) {
            List<String> words = c.otherWords().stream().map(AskIndex::plain).toList();
            entries.add(new Entry(
                    c, plain(c.label()), words, tokens(c.label()), tokens(String.join(" ", words)), tokens(c.does())));
        }
    }

    /** The commands that are likeliest meant, those first that can be used where several are as likely.
     *
     * @param most how many */
    public List<Command> find(String typed, int most) {
        String whole = plain(typed);
        if (whole.isEmpty()) {
            return List.of();
        }
        List<String> asked = Arrays.stream(whole.split(" ")).toList();
        List<Scored> found = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            double score = score(entries.get(i), whole, asked);
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

    private static double score(Entry e, String whole, List<String> asked) {
        double score = 0;
        double possible = 0;
        for (String word : asked) {
            double worth = LITTLE.contains(word) ? OF_LITTLE : 1;
            possible += worth;
            double best = Math.max(
                    IN_LABEL * likeness(word, e.inLabel),
                    Math.max(IN_WORDS * likeness(word, e.inWords), IN_SENTENCE * likeness(word, e.inSentence)));
            score += worth * best;
        }
        score /= Math.max(possible, 0.5);
        String meaning = meaning(asked);
        if (e.label.equals(whole) || e.words.contains(whole)) {
            score += AS_TYPED;
        } else if (!meaning.isEmpty()
                && e.words.stream()
                        .anyMatch(w -> meaning(Arrays.asList(w.split(" "))).equals(meaning))) {
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

    /** 1 for a word that is there, less for one that begins one that is, or that is mistyped. */
    private static double likeness(String word, Set<String> in) {
        if (in.contains(word)
                || in.contains(word + "s")
                || word.endsWith("s") && in.contains(word.substring(0, word.length() - 1))) {
            return 1;
        }
        if (word.length() > 1 && in.stream().anyMatch(w -> w.startsWith(word))) {
            return 0.8;
        }
        return word.length() >= SHORTEST_MISTYPED
                        && !NearMatch.of(
                                        word,
                                        in.stream()
                                                .filter(w -> Math.abs(w.length() - word.length()) < 2)
                                                .toList())
                                .isEmpty()
                ? 0.4
                : 0;
    }

    private static Set<String> tokens(String text) {
        return Set.copyOf(new java.util.HashSet<>(Arrays.asList(plain(text).split(" "))));
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
