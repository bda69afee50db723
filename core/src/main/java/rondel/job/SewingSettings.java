package rondel.job;

import java.util.List;
import java.util.Optional;
import rondel.fields.LeftOut;

/** How a sheet is sewn.
 *
 * @param hoop that it is held in; the sheet is its field
 * @param cloth that it is
 * @param order in which parts are sewn, as a hand has put them; what is not in it is sewn where it would be anyway */
public record SewingSettings(
        Optional<Hoop> hoop,
        @LeftOut("woven") Cloth cloth,
        @LeftOut("[]") List<SewnPart> order) {

    public static final SewingSettings USUAL = new SewingSettings(Optional.empty(), Cloth.WOVEN, List.of());

    public SewingSettings {
        order = List.copyOf(order);
    }

    public SewingSettings withHoop(Optional<Hoop> other) {
        return new SewingSettings(other, cloth, order);
    }

    public SewingSettings withCloth(Cloth other) {
        return new SewingSettings(hoop, other, order);
    }

    public SewingSettings withOrder(List<SewnPart> other) {
        return new SewingSettings(hoop, cloth, other);
    }
}
