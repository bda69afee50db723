package rondel.words;

/** Something the person asked for that can't be done. Its message is one whole sentence: what, where, and the remedy. */
public final class Refusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public Refusal(String sentence) {
        super(sentence);
    }

    public Refusal(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    /** A refusal whose sentence is in the bundle under {@code key}. */
    public static Refusal of(String key, Object... values) {
        return new Refusal(Words.of(key, values));
    }
}
