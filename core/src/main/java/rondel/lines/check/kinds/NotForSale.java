package rondel.lines.check.kinds;

import java.util.List;
import rondel.job.Licence;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.operation.Targets;
import rondel.words.Words;

/** Artwork whose licence does not allow that a product with it is sold, or of which nobody has said. */
public record NotForSale() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.shown().stream()
                .flatMap(p -> p.element().traits().provenance().stream()
                        .filter(from -> !from.licence().forSale())
                        .map(from -> Finding.of(
                                        from.licence() == Licence.UNKNOWN ? Severity.NOTE : Severity.WARNING,
                                        "notForSale",
                                        Targets.display(p.element()),
                                        Words.of("licence." + from.licence()),
                                        from.author().isBlank() ? "—" : from.author())
                                .about(p.element().id())))
                .toList();
    }
}
