package rondel.desktop.sheet;

/** What a press on the sheet has begun, until the button is let go. */
public interface Press {

    /** The pointer has moved. */
    void dragged(Pointer at);

    /** The button is let go. */
    void released(Pointer at);

    /** Calls it off; true where there was something to call off. */
    default boolean callOff() {
        return false;
    }
}
