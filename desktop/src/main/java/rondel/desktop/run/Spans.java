package rondel.desktop.run;

import rondel.words.Decimals;
import rondel.words.Words;

/** Spans of time and lengths as they are said on passes. */
final class Spans {

    private static final int MINUTE = 60;
    private static final int HOUR = 3600;

    private Spans() {}

    /** As people say it: seconds below a minute and a half, else minutes. */
    static String time(double seconds) {
        long s = Math.max(1, Math.round(seconds));
        if (s < MINUTE + MINUTE / 2) {
            return Words.of("run.seconds", String.valueOf(s));
        }
        return s < HOUR
                ? Words.of("run.minutes", String.valueOf(s / MINUTE), String.valueOf(s % MINUTE))
                : Words.of("run.hours", String.valueOf(s / HOUR), String.valueOf(s % HOUR / MINUTE));
    }

    /** In mm below a metre, else in metres. */
    static String length(double mm) {
        return mm < 1000
                ? Words.of("run.mm", String.valueOf(Math.round(mm)))
                : Words.of("run.metres", Decimals.of(mm / 1000, 1));
    }
}
