package rondel.formats.job;

import java.nio.file.Path;
import java.util.Optional;
import rondel.formats.files.KeptList;

/** Where one was in the jobs that were open last. Safe on any thread. */
public final class LastLooks {

    private static final int KEPT = 60;

    /** A look at a job.
     *
     * @param file the job's
     * @param sheet its id
     * @param stage its id
     * @param scale screen px a mm
     * @param x of the place in the middle, in mm
     * @param y of it */
    public record Look(String file, String sheet, String stage, double scale, double x, double y) {}

    private final KeptList<Look> list;

    /** @param file that they are kept in, which need not be there yet */
    public LastLooks(Path file) {
        this.list = new KeptList<>(file, Look[].class, KEPT);
    }

    /** What tells a job's file from others. */
    public static String name(Path job) {
        return job.toAbsolutePath().normalize().toString();
    }

    public Optional<Look> of(Path job) {
        return list.all().stream().filter(l -> l.file().equals(name(job))).findFirst();
    }

    public void keep(Look look) {
        list.add(look, l -> l.file().equals(look.file()));
    }
}
