package rondel.progress;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.Function;

/** The same work on many things, on as many threads as there are processors, called off as one. */
public final class ParallelMap {

    private ParallelMap() {}

    /** What the work makes of each, in the order of the list.
     *
     * @param work of some milliseconds each; asked on several threads
     * @throws CancellationException if the work of the thread that asks was called off */
    public static <T, R> List<R> of(List<T> all, Function<T, R> work) {
        Thread asking = Thread.currentThread();
        return all.parallelStream()
                .map(one -> {
                    if (asking.isInterrupted()) {
                        throw new CancellationException();
                    }
                    return work.apply(one);
                })
                .toList();
    }
}
