package rondel.job;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import rondel.fields.LeftOut;

/** What a person has said of how a sheet is made.
 *
 * @param material what its lines are made of where no rule says otherwise, by its name
 * @param passes those of which anything was said
 * @param ordered whether they are made in the order in which they stand; else in the usual one
 * @param sewing how it is sewn; as is usual where nothing is said */
public record SheetRun(
        SheetId sheet,
        Optional<String> material,
        @LeftOut("[]") List<PassSettings> passes,
        @LeftOut("false") boolean ordered,
        Optional<SewingSettings> sewing) {

    public SheetRun {
        passes = List.copyOf(passes);
    }

    public static SheetRun of(SheetId sheet) {
        return new SheetRun(sheet, Optional.empty(), List.of(), false, Optional.empty());
    }

    /** What was said of a pass, or what is usual. */
    public PassSettings of(PassKey key) {
        return passes.stream().filter(p -> p.key().equals(key)).findFirst().orElseGet(() -> PassSettings.of(key));
    }

    public SheetRun withMaterial(Optional<String> other) {
        return new SheetRun(sheet, other, passes, ordered, sewing);
    }

    public SheetRun withPasses(List<PassSettings> other, boolean inOrder) {
        return new SheetRun(sheet, material, other, inOrder, sewing);
    }

    /** How it is sewn. */
    public SewingSettings sewn() {
        return sewing.orElse(SewingSettings.USUAL);
    }

    /** The same sewn in another way. */
    public SheetRun withSewing(UnaryOperator<SewingSettings> change) {
        SewingSettings changed = change.apply(sewn());
        return new SheetRun(
                sheet, material, passes, ordered, Optional.of(changed).filter(c -> !c.equals(SewingSettings.USUAL)));
    }

    /** The same with other settings of one pass; where the order says nothing, those that are usual are dropped. */
    public SheetRun with(PassKey key, UnaryOperator<PassSettings> change) {
        PassSettings changed = change.apply(of(key));
        boolean known = passes.stream().anyMatch(p -> p.key().equals(key));
        Stream<PassSettings> all = known
                ? passes.stream().map(p -> p.key().equals(key) ? changed : p)
                : Stream.concat(passes.stream(), Stream.of(changed));
        return withPasses(all.filter(p -> ordered || !p.isUsual()).toList(), ordered);
    }

    boolean isUsual() {
        return equals(of(sheet));
    }
}
