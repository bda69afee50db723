package rondel.formats.fonts;

import java.util.Optional;
import rondel.catalogue.WhatFollows;
import rondel.history.Editing;
import rondel.text.Typesetter;

/** How edits are made everywhere: with all that follows, and with the shipped fonts for the labels of sheets, so that they look the same on every
 *  machine. */
public final class UsualEditing {

    private UsualEditing() {}

    /** With a memory of its own for what it has worked out: whoever makes many edits keeps it. */
    public static Editing editing() {
        return WhatFollows.editing(Optional.of(new Typesetter(new ShippedFonts())));
    }
}
