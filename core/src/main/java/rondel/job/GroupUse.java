package rondel.job;

/** What a group is for. */
public sealed interface GroupUse {

    /** Holds things together. */
    record Together() implements GroupUse {}

    /** A slot for a picture, which may be empty. */
    record Slot(Fit fit) implements GroupUse {}

    /** Alternatives for one place, of which one is shown and the others are hidden. */
    record TryOut() implements GroupUse {}

    /** What a plan adds to a sheet of stock beside its copies: marks, and lines that are cut between pieces. */
    record Added(PlanId plan) implements GroupUse {}

    GroupUse TOGETHER = new Together();
    GroupUse TRY_OUT = new TryOut();
}
