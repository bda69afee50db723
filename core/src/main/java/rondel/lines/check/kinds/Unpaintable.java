package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.PictureElement;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.CutLine;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.operation.Targets;
import rondel.paint.PaintBound;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** What can't be painted, on the screen or in a file: a damaged picture, and what would take for ever. */
public record Unpaintable() implements Check {

    /** Pixels to the mm at which it must be possible: 300 to the inch, as prints have. */
    private static final double SCALE = 300 / 25.4;

    @Override
    public List<Finding> of(Checked job) {
        List<Finding> found = new ArrayList<>();
        for (Checked.Placed p : job.shown()) {
            Cancellation.check();
            problem(p.element(), p.toSheet(), job.job().media())
                    .ifPresent(f -> found.add(f.about(p.element().id())));
            if (p.element().role().isCut() && CutLine.isTooMuch(p)) {
                found.add(Finding.of(Severity.ERROR, "uncheckedCut", Targets.display(p.element()))
                        .about(p.element().id()));
            }
        }
        return found;
    }

    /** What of some elements can't be painted, of those that are shown.
     *
     * @param toSheet from the elements' parent to the sheet */
    public static List<Finding> of(List<Element> elements, Affine toSheet, Map<MediaId, Media> media) {
        List<Finding> found = new ArrayList<>();
        for (Element e : elements) {
            if (!e.hidden()) {
                Affine own = toSheet.times(e.placement());
                problem(e, own, media).ifPresent(found::add);
                found.addAll(of(e.children(), own, media));
            }
        }
        return found;
    }

    /** What is said of an element that a painter could not paint. */
    public static Finding finding(Element e, Throwable why) {
        String sentence = why instanceof Refusal ? why.getMessage() : Words.of("paint.failed", Targets.display(e), why);
        return Finding.of(Severity.ERROR, "unpaintable", sentence);
    }

    private static Optional<Finding> problem(Element e, Affine own, Map<MediaId, Media> media) {
        if (e instanceof PictureElement p) {
            return Optional.ofNullable(media.get(p.media()))
                    .filter(m -> !m.isReadable())
                    .map(m -> Finding.of(Severity.ERROR, "brokenPicture", Targets.display(e)));
        }
        return PaintBound.problem(e, Affine.scale(SCALE, SCALE).times(own), own)
                .map(key -> Finding.of(Severity.ERROR, "unpaintable", Words.of(key, Targets.display(e))));
    }
}
