package rondel.run.stitch;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rondel.colour.OkLab;
import rondel.job.Rgba;
import rondel.words.Refusal;

/** A thread that a person has.
 *
 * @param name by which it is found in its box */
public record SewingThread(String name, Rgba colour) {

    /** @throws Refusal if it has no name */
    public SewingThread {
        name = name.strip();
        if (name.isEmpty()) {
            throw Refusal.of("thread.noName");
        }
    }

    /** Which of them looks most like a colour, by its distance in OKLab.
     *
     * @return nothing where there are none */
    public static Optional<SewingThread> nearest(List<SewingThread> threads, Rgba colour) {
        OkLab wanted = OkLab.of(colour);
        return threads.stream()
                .min(Comparator.comparingDouble(t -> OkLab.of(t.colour()).distance(wanted)));
    }
}
