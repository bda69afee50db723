package rondel.desktop.help;

import javafx.event.Event;
import javafx.event.EventType;

/** Somebody wants to read a page of the guide: goes up to the window, which opens it. */
public final class HelpEvent extends Event {

    private static final long serialVersionUID = 1L;

    public static final EventType<HelpEvent> WANTED = new EventType<>(Event.ANY, "HELP_WANTED");

    private final transient GuidePage page;

    public HelpEvent(GuidePage page) {
        super(WANTED);
        this.page = page;
    }

    public GuidePage page() {
        return page;
    }
}
