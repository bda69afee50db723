package rondel.desktop.command;

import rondel.desktop.handoff.making.HandOffActions;

/** Commands that make sets of files and publish them. */
final class HandOffCommands {

    private final Commands all;
    private final HandOffActions handOff;

    HandOffCommands(Commands all, HandOffActions handOff) {
        this.all = all;
        this.handOff = handOff;
    }

    void add() {
        all.put("makeHandOff", handOff::canMake, handOff::makeInFolder);
        all.put("makeZip", handOff::canMake, handOff::makeZip);
        all.put("publishSet", handOff::canMake, handOff::publish);
        all.put("newSet", () -> true, handOff::newSet);
        all.put("changeSet", () -> true, handOff::changeSet);
        all.put("removeSet", handOff::holdsOwnSet, handOff::removeSet);
    }
}
