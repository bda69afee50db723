package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import rondel.compose.link.AlikeElements;
import rondel.compose.picture.SeenPictures;
import rondel.compose.shape.TrueFigures;
import rondel.gang.copies.CopiesFollow;
import rondel.gang.plan.PlansFollow;
import rondel.history.Editing;
import rondel.lines.combine.Unions;
import rondel.lines.halo.Halos;
import rondel.lines.roles.RulesForNew;
import rondel.text.Typesetter;

/** All that follows from edits, in order: elements that are kept alike become alike again, unions and halos keep to what they
 *  are made of, new things get the roles that the job's rules say, copies look like their designs, and plans lay out their sheets. A new follower is added here and nowhere else. */
public final class WhatFollows {

    private WhatFollows() {}

    /** How edits are made, with a memory of its own for what it has worked out: whoever makes many keeps it. */
    public static Editing editing() {
        return editing(Optional.empty());
    }

    /** @param typesetter sets the labels of sheets that plans lay out; without, they have none */
    public static Editing editing(Optional<Typesetter> typesetter) {
        return new Editing(List.of(
                SeenPictures::follow,
                TrueFigures::follow,
                AlikeElements::follow,
                Unions::follow,
                new Halos(),
                RulesForNew::follow,
                CopiesFollow::follow,
                new PlansFollow(typesetter)));
    }
}
