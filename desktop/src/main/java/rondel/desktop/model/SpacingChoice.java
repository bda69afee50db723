package rondel.desktop.model;

import rondel.compose.spacing.AlignTo;

/** How the person wants things lined up at the moment. One thread uses it. */
public final class SpacingChoice {

    private AlignTo alignTo = AlignTo.EACH_OTHER;
    private boolean asOne;

    public AlignTo alignTo() {
        return alignTo;
    }

    public boolean asOne() {
        return asOne;
    }

    public void alignTo(AlignTo to) {
        alignTo = to;
    }

    /** Whether several things keep their places among each other when they line up with something else. */
    public void asOne(boolean together) {
        asOne = together;
    }
}
