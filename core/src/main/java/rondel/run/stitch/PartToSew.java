package rondel.run.stitch;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import rondel.job.Cloth;
import rondel.job.SewnPart;
import rondel.job.StitchSettings;

/** A part with what it is sewn from. */
record PartToSew(SewnPart part, Source source) {

    StitchSettings settings() {
        return source.settings;
    }

    StitchedElement.Shape shape() {
        return source.shape;
    }

    /** What is sewn of it on a cloth; slow the first time. */
    StitchedElement.Sewn sewn(Cloth cloth) {
        return source.sewn.computeIfAbsent(cloth, c -> new StitchedElement(settings(), c).sewn(shape()));
    }

    /** A shape as it lies on the sheet, and how it is sewn. What was sewn of it is kept with it. */
    static final class Source {

        private final StitchSettings settings;
        private final StitchedElement.Shape shape;
        private final Map<Cloth, StitchedElement.Sewn> sewn = new ConcurrentHashMap<>();

        Source(StitchSettings settings, StitchedElement.Shape shape) {
            this.settings = settings;
            this.shape = shape;
        }
    }
}
