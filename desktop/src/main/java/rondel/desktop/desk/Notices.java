package rondel.desktop.desk;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.words.Refusal;
import rondel.words.Words;

/** Sentences for the person, shown in the status bar: what went wrong, or what was done. */
public final class Notices {

    private static final Logger LOG = LoggerFactory.getLogger(Notices.class);

    /** So many are kept to be read again. */
    private static final int KEPT = 200;

    /** A sentence that was said.
     *
     * @param refused whether something was refused, or went wrong */
    public record Said(Instant when, String sentence, boolean refused) {}

    private final String log;
    private final Deque<Said> kept = new ArrayDeque<>();
    private Consumer<String> said = s -> {};
    private Consumer<String> refused = s -> {};

    public Notices() {
        this("");
    }

    /** @param log where the log file is, to say so where something fails that should not */
    public Notices(String log) {
        this.log = log;
    }

    public void showIn(Consumer<String> onSaid, Consumer<String> onRefused) {
        said = onSaid;
        refused = onRefused;
    }

    /** What was said, the latest last. */
    public List<Said> all() {
        return List.copyOf(kept);
    }

    private void keep(String sentence, boolean isRefused) {
        if (!sentence.isBlank()) {
            kept.addLast(new Said(Instant.now(), sentence, isRefused));
        }
        if (kept.size() > KEPT) {
            kept.removeFirst();
        }
    }

    public void say(String sentence) {
        keep(sentence, false);
        said.accept(sentence);
    }

    public void refuse(String sentence) {
        keep(sentence, true);
        refused.accept(sentence);
    }

    /** Says why something failed: a refusal in its own words; what should not have failed with where its trace is. */
    public void failed(Throwable why) {
        switch (why) {
            case Refusal r -> refuse(r.getMessage());
            case CancellationException c -> say(Words.of("progress.cancelled"));
            default -> {
                LOG.error("unexpected", why);
                refuse(log.isEmpty() ? Words.of("cli.unexpected", why) : Words.of("failure.logged", why, log));
            }
        }
    }
}
