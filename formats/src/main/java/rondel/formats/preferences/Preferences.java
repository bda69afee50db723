package rondel.formats.preferences;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import rondel.units.LengthUnit;

/** What a person prefers, by names. What is missing, or is nothing of its kind, is as usual; what this version does not know is kept, as a newer
 *  one may have written it.
 *
 * @param values as they stand in the file */
public record Preferences(@JsonValue Map<String, Object> values) {

    /** All as usual. */
    public static final Preferences USUAL = new Preferences(Map.of());

    /** Names of devices. */
    public static final String CUTTER = "cutter";

    public static final String PRINTER = "printer";
    public static final String STITCHER = "stitcher";
    public static final String SHOP = "shop";

    /** What file dialogs are about. */
    public static final List<String> FOLDERS = List.of("jobs", "artwork", "exports", "fonts", "lists");

    /** No job is saved by itself more seldom, in minutes. */
    public static final int LONGEST_AUTOSAVE = 120;

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public Preferences {
        values = Collections.unmodifiableMap(new TreeMap<>(values));
    }

    /** {@code light}, {@code dark} or {@code system}. */
    public String theme() {
        return text("theme", "light");
    }

    public Preferences withTheme(String other) {
        return with("theme", other);
    }

    /** A language tag as {@code de} (BCP 47), or {@code system}. */
    public String language() {
        return text("language", "system");
    }

    public Preferences withLanguage(String tag) {
        return with("language", tag);
    }

    /** The bench about the sheet: {@code light}, {@code middle} or {@code dark}. */
    public String ground() {
        return text("ground", "light");
    }

    public Preferences withGround(String other) {
        return with("ground", other);
    }

    /** Whether what is at work may move by itself: {@code system} or {@code off}. */
    public String motion() {
        return text("motion", "system");
    }

    public Preferences withMotion(String other) {
        return with("motion", other);
    }

    /** The unit of new jobs; nothing for the one of their format. */
    public Optional<LengthUnit> preferredUnit() {
        return LengthUnit.ofSymbol(text("unit", ""));
    }

    /** @param symbol {@code in}, {@code mm}, {@code cm} or {@code pt}; empty for the one of their format */
    public Preferences withUnit(String symbol) {
        return with("unit", symbol);
    }

    /** After how many minutes of work a job that has a file is saved, 0 for never. */
    public int autosave() {
        return values.get("autosave") instanceof Number n ? Math.clamp(n.longValue(), 0, LONGEST_AUTOSAVE) : 0;
    }

    public Preferences withAutosave(int minutes) {
        return with("autosave", minutes);
    }

    /** Whether versions of jobs that are saved for the first time are kept beside them. */
    public boolean versionsBeside() {
        return Boolean.TRUE.equals(values.get("versionsBeside"));
    }

    public Preferences withVersionsBeside(boolean beside) {
        return with("versionsBeside", beside);
    }

    /** How far an arrow key moves in a job of this unit, in mm. */
    public double fineNudge(LengthUnit of) {
        return length("nudge").orElseGet(of::fineNudge);
    }

    /** How far it moves with Shift, in mm. */
    public double farNudge(LengthUnit of) {
        return length("coarseNudge").orElseGet(of::coarseNudge);
    }

    /** @param mm above 0; nothing for what is usual for a job's unit */
    public Preferences withNudge(Optional<Double> mm) {
        return with("nudge", mm.orElse(null));
    }

    /** @param mm with Shift, above 0; nothing for what is usual for a job's unit */
    public Preferences withFarNudge(Optional<Double> mm) {
        return with("coarseNudge", mm.orElse(null));
    }

    /** Keys of commands other than the usual ones, by the commands' ids, as JavaFX spells keys; empty for none. */
    public Map<String, String> keys() {
        return texts("keys");
    }

    public Preferences withKeys(Map<String, String> keys) {
        return with("keys", Map.copyOf(keys));
    }

    /** Where file dialogs begin, by what they are about; nothing for the folder that was used last. */
    public Optional<String> folder(String what) {
        return Optional.ofNullable(texts("folders").get(what)).filter(f -> !f.isBlank());
    }

    /** @param folder empty for the one that was used last */
    public Preferences withFolder(String what, String folder) {
        return with("folders", put("folders", what, folder));
    }

    /** What a device is reached at; empty for the stand-in that comes along. */
    public String device(String what) {
        return texts("devices").getOrDefault(what, "");
    }

    public Preferences withDevice(String what, String address) {
        return with("devices", put("devices", what, address));
    }

    private Preferences with(String name, Object value) {
        Map<String, Object> other = new TreeMap<>(values);
        if (value == null) {
            other.remove(name);
        } else {
            other.put(name, value);
        }
        return new Preferences(other);
    }

    private Map<String, String> put(String name, String key, String value) {
        Map<String, String> other = new TreeMap<>(texts(name));
        other.put(key, value);
        return other;
    }

    private String text(String name, String usual) {
        return values.get(name) instanceof String s ? s : usual;
    }

    private Optional<Double> length(String name) {
        return values.get(name) instanceof Number n && n.doubleValue() > 0 && Double.isFinite(n.doubleValue())
                ? Optional.of(n.doubleValue())
                : Optional.empty();
    }

    private Map<String, String> texts(String name) {
        Map<String, String> texts = new TreeMap<>();
        if (values.get(name) instanceof Map<?, ?> map) {
            map.forEach((k, v) -> {
                if (k instanceof String key && v instanceof String value) {
                    texts.put(key, value);
                }
            });
        }
        return texts;
    }
}
