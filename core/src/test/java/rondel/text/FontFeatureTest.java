package rondel.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.job.FontChoice;
import rondel.job.Lettering;

class FontFeatureTest {

    private static final FontFeature LIGATURES = new FontFeature("liga", Optional.empty(), true);
    private static final FontFeature SWASHES = new FontFeature("swsh", Optional.empty(), false);

    private static Lettering set(String... features) {
        return Lettering.plain("Tide", new FontChoice("Tidewater", 400, false), 5)
                .withFeatures(List.of(features));
    }

    @Test
    void whatNobodySwitchedIsAsTheFontMeansIt() {
        assertThat(LIGATURES.isOn(set())).isTrue();
        assertThat(SWASHES.isOn(set("smcp", "-kern"))).isFalse();
    }

    @Test
    void theLastThingThatWasSaidOfItCounts() {
        assertThat(SWASHES.isOn(set("swsh"))).isTrue();
        assertThat(SWASHES.isOn(set("+swsh"))).isTrue();
        assertThat(SWASHES.isOn(set("swsh=2"))).isTrue();
        assertThat(SWASHES.isOn(set("swsh", "swsh=0"))).isFalse();
        assertThat(LIGATURES.isOn(set("-liga"))).isFalse();
        assertThat(LIGATURES.isOn(set("-liga", "liga"))).isTrue();
    }

    @Test
    void switchingSaysOnlyWhatIsNotUsualAndLeavesOthersAlone() {
        assertThat(SWASHES.switched(set("smcp", "swsh=3"), true).features()).containsExactly("smcp", "swsh");
        assertThat(SWASHES.switched(set("smcp", "swsh"), false).features()).containsExactly("smcp");
        assertThat(LIGATURES.switched(set(), false).features()).containsExactly("-liga");
        assertThat(LIGATURES.switched(set("-liga", "dlig"), true).features()).containsExactly("dlig");
    }
}
