package rondel.desktop.desk;

import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.words.Refusal;
import rondel.words.Words;

/** Sentences for the person, shown in the status bar: what went wrong, or what was done. */
public final class Notices {

    private static final Logger LOG = LoggerFactory.getLogger(Notices.class);

    private final String log;
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

    public void say(String sentence) {
        said.accept(sentence);
    }

    public void refuse(String sentence) {
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
