package rondel.launcher.demo;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Rename;
import rondel.compose.arrange.SetRole;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.lines.combine.BooleanOperation;
import rondel.lines.combine.Combine;
import rondel.lines.combine.SmoothForBlade;
import rondel.lines.combine.ToOutlines;
import rondel.run.passes.ChangePass;
import rondel.run.passes.KeepMaterial;
import rondel.run.passes.SetMaterialRules;
import rondel.run.passes.ShippedMaterials;
import rondel.units.LengthUnit;

/** The name plate of a boat in two films: lettering in gold, anchor and border in deep blue; shapes beside both bring them into register. */
final class NamePlate {

    private static final Rgba GOLD = new Rgba(0xd4, 0xa2, 0x3a, 255);
    private static final Rgba BLUE = new Rgba(0x1d, 0x3f, 0x6b, 255);

    private NamePlate() {}

    static Job make() {
        Making m = new Making(Job.blank("Name plate", LengthUnit.MM, 300, 130));
        ElementId name = m.text("Sandpiper", "Great Vibes", 42, 172, 68, GOLD);
        ElementId letters = m.then(new ToOutlines(List.of(name), false)).getFirst();
        ElementId word = m.then(new Combine(leaves(m, letters), BooleanOperation.UNITE, false))
                .getFirst();
        m.then(SmoothForBlade.usual(List.of(word)));
        m.then(new Rename(List.of(word), "Sandpiper"));
        ElementId art = m.placeWithin("coast/anchor.svg", new Box(24, 24, 62, 62));
        ElementId anchor = m.then(new Combine(leaves(m, art), BooleanOperation.UNITE, false))
                .getFirst();
        m.then(SmoothForBlade.usual(leaves(m, anchor)));
        m.then(new Rename(List.of(anchor), "Anchor"));
        ElementId outer = m.rounded("Border", new Box(8, 8, 284, 94), 12, BLUE, Optional.empty());
        ElementId inner = m.rounded("Inner edge", new Box(12, 12, 276, 86), 9, BLUE, Optional.empty());
        ElementId border = m.then(new Combine(List.of(outer, inner), BooleanOperation.SUBTRACT, false))
                .getFirst();
        m.then(new Rename(List.of(border), "Border"));
        m.then(new SetRole(List.of(word, anchor, border), Role.CUT));
        Material gold = ShippedMaterials.VINYL.tinted("Gold film", GOLD);
        Material blue = ShippedMaterials.VINYL.tinted("Deep blue film", BLUE);
        m.then(new KeepMaterial(gold));
        m.then(new KeepMaterial(blue));
        m.then(new SetMaterialRules(List.of(
                MaterialRule.ofColour(GOLD, gold.name()),
                new MaterialRule(Optional.empty(), Optional.empty(), Optional.of(anchor), blue.name()),
                MaterialRule.ofColour(BLUE, blue.name()))));
        for (Material film : List.of(blue, gold)) {
            m.then(new ChangePass(
                    m.sheet().id(),
                    PassSettings.of(PassKey.of(film.name(), Role.CUT)).matching(true)));
        }
        return m.job();
    }

    private static List<ElementId> leaves(Making m, ElementId of) {
        return m.job().located(of).element() instanceof GroupElement g
                ? GroupElement.everything(g)
                        .filter(e -> e.children().isEmpty())
                        .map(e -> e.id())
                        .toList()
                : List.of(of);
    }
}
