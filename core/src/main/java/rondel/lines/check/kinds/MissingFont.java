package rondel.lines.check.kinds;

import java.util.List;
import java.util.Optional;
import rondel.compose.lettering.SetText;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.TextElement;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.text.FontFace;

/** Live text in a font that is not at hand: its outlines are as they were last seen until it is changed. The nearest font at
 *  hand is proposed. */
public record MissingFont() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.shown().stream()
                .filter(p -> p.element() instanceof TextElement)
                .map(p -> (TextElement) p.element())
                .filter(t -> !job.fonts().has(t.font().family()))
                .map(t -> found(t, job))
                .toList();
    }

    private static Finding found(TextElement t, Checked job) {
        Optional<FontFace> nearest =
                job.fonts().nearest(List.of(t.font().family()), t.font()).map(m -> m.face());
        Finding finding = Finding.of(
                        Severity.WARNING,
                        "missingFont",
                        t.font().family(),
                        t.content(),
                        nearest.map(FontFace::family).orElse("—"))
                .about(t.id());
        return nearest.map(face -> finding.mendedBy(new Fix(() -> {
                    Lettering next =
                            t.lettering().withFont(new FontChoice(face.family(), face.weight(), face.italic()));
                    return new SetText(
                            t.id(), next, Optional.of(job.typesetter().outline(next)));
                })))
                .orElse(finding);
    }
}
