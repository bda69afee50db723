package rondel.formats.report;

/** Which Rondel this is. */
public final class Release {

    /** As in the parent POM. */
    public static final String VERSION = "0.1.0";

    private Release() {}
}
