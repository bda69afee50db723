package rondel.gang.copies;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.SheetId;
import rondel.job.Traits;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts one copy of each of some designs on a sheet, side by side.
 *
 * @param x where the middle of the first lies
 * @param y where the middles of all lie */
public record AddCopies(
        SheetId sheet,
        List<Design> designs,
        @Mm double x,
        @Mm double y) implements Operation {

    /** Between neighbours, in mm. */
    private static final double GAP = 3;

    public AddCopies {
        designs = List.copyOf(designs);
    }

    @Override
    public Job apply(Job job) {
        if (designs.isEmpty()) {
            throw Refusal.of("operation.nothingNamed");
        }
        DesignContents contents = new DesignContents(job);
        Placing placing = new Placing(job);
        List<Element> copies = new ArrayList<>();
        double at = Targets.finite(x, "x");
        double before = 0;
        for (Design d : designs) {
            if (!DesignContents.isThere(job, d)) {
                throw Refusal.of("plan.noDesign", DesignContents.name(job, d));
            }
            double half = contents.box(d).width() / 2;
            at += copies.isEmpty() ? 0 : before + GAP + half;
            before = half;
            copies.add(new CopyElement(
                    Traits.named(DesignContents.name(job, d))
                            .withId(placing.freshId())
                            .withPlacement(Affine.translate(at, Targets.finite(y, "y"))),
                    d,
                    contents.of(d),
                    Optional.empty()));
        }
        return job.withSheet(sheet, s -> s.withInFront(copies)).withNextNumber(placing.next());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return Targets.added(before, after).map(Element::id).toList();
    }

    @Override
    public String label() {
        return Words.of("operation.addCopies");
    }
}
