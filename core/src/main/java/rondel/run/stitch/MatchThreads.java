package rondel.run.stitch;

import java.util.List;
import java.util.Optional;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.StitchSettings;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Has elements sewn with the threads that look most like their colours.
 *
 * @param threads that there are */
public record MatchThreads(List<ElementId> elements, List<SewingThread> threads) implements Operation {

    public MatchThreads {
        elements = List.copyOf(elements);
        threads = List.copyOf(threads);
    }

    @Override
    public Job apply(Job job) {
        if (threads.isEmpty()) {
            throw Refusal.of("thread.none");
        }
        return Tree.replace(
                job,
                Targets.unlocked(job, elements),
                (e, toSheet) -> e.children().isEmpty() ? matched(e) : e);
    }

    private Element matched(Element e) {
        List<PartToSew> parts = PartsToSew.of(e);
        StitchSettings settings = e.traits().stitch().orElse(StitchSettings.USUAL);
        for (PartToSew p : parts) {
            Optional<Rgba> thread =
                    SewingThread.nearest(threads, p.shape().colour()).map(SewingThread::colour);
            boolean beside = p.part().line() && parts.size() > 1;
            settings = beside ? settings.withLineThread(thread) : settings.withThread(thread);
        }
        Optional<StitchSettings> after = Optional.of(settings);
        return parts.isEmpty() ? e : e.with(t -> t.withStitch(after));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.matchThreads");
    }
}
