package rondel.launcher.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.compose.arrange.Rotate;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.handoff.sets.KeepHandOffSet;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.HandOffOutput;
import rondel.job.HandOffOutput.What;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.lines.halo.MakeHalo;
import rondel.units.LengthUnit;

/** A sheet of stickers to print and kiss cut: sea creatures with a white rim each, and a lettered one. */
final class StickerSheet {

    private static final List<String> ART = List.of(
            "creatures/octopus.svg",
            "creatures/crab.svg",
            "creatures/whale.svg",
            "coast/lighthouse.svg",
            "creatures/jellyfish.svg",
            "creatures/starfish.svg",
            "creatures/seahorse.svg",
            "coast/sailboat.svg",
            "creatures/puffin.svg",
            "shells/scallop.svg",
            "shells/sand-dollar.svg",
            "coast/message-bottle.svg");

    private StickerSheet() {}

    static Job make() {
        Making m = new Making(Job.blank("Sticker sheet", LengthUnit.IN, 152.4, 203.2));
        m.then(new SetMargins(m.sheet().id(), 0, 6.35));
        m.then(new SetPaper(m.sheet().id(), Optional.of(new Rgba(0xff, 0xff, 0xff, 255))));
        List<ElementId> art = new ArrayList<>();
        for (int i = 0; i < ART.size(); i++) {
            Box cell = new Box(15.7 + i % 3 * 41.5, 11 + i / 3 * 41.5, 38, 33);
            art.add(m.placeWithin(ART.get(i), cell));
        }
        m.then(new Rotate(List.of(art.get(5)), -12, Anchor.CENTRE));
        art.add(m.text("Low tide", "Great Vibes", 14, 76.2, 189, Making.SEA));
        HaloSettings rim = new HaloSettings(2, HaloSettings.Corners.ROUND, 5, HaloSettings.ALL_HOLES, 0.6, 0.5);
        m.then(new MakeHalo(art, rim, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.of(1)));
        m.then(new KeepHandOffSet(listing()));
        return m.job();
    }

    /** What the studio puts up for sale: pictures with its mark, all stickers by themselves, and what they are made of. */
    private static HandOffSet listing() {
        Optional<String> mark = Optional.of("Saltmarsh Studio");
        return new HandOffSet(
                "Low tide listing",
                true,
                List.of(
                        picture("{job}-1-sheet.jpg", What.ON_SURFACE, mark),
                        picture("{job}-2-stickers.jpg", What.NAMED_PIECES, mark),
                        picture("{job}-3-close-up.jpg", What.CLOSE_UP, mark),
                        picture("{job}-4-size.jpg", What.SIZE_CARD, Optional.empty()),
                        HandOffOutput.of("{job}-{name}.png", What.PRINT)
                                .each(HandOffOutput.Each.PIECE)
                                .withoutPaper(),
                        HandOffOutput.of("{job}-print-and-cut.svg", What.ALL),
                        HandOffOutput.of("{job}.pdf", What.PRINT),
                        HandOffOutput.of("{job}-made-of.pdf", What.LEDGER)));
    }

    private static HandOffOutput picture(String pattern, What what, Optional<String> mark) {
        return HandOffOutput.of(pattern, what).wide(2000).marked(mark);
    }
}
