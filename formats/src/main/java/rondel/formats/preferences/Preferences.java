package rondel.formats.preferences;

import com.fasterxml.jackson.annotation.JsonAnyGetter;
import com.fasterxml.jackson.annotation.JsonAnySetter;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import rondel.units.LengthUnit;

/** What a person prefers. What it does not know is kept, as a newer version may have written it; what is missing is as usual.
 *
 * @param theme {@code light}, {@code dark} or {@code system}
 * @param language a language tag as {@code de} (BCP 47), or {@code system}
 * @param unit of new jobs: {@code in}, {@code mm}, {@code cm} or {@code pt}; empty for what their format is measured in
 * @param ground the bench about the sheet: {@code light}, {@code middle} or {@code dark}
 * @param motion whether what appears may move: {@code system} or {@code off}
 * @param autosave after how many minutes of work a job that has a file is saved, 0 for never
 * @param nudge by how much arrow keys move, in mm; nothing for what is usual for the unit
 * @param coarseNudge by how much with Shift, in mm; nothing for what is usual for the unit
 * @param versionsBeside whether versions of jobs that are saved first are kept beside them
 * @param keys keys of commands other than the usual ones, by the commands' ids; empty text for none
 * @param folders where file dialogs begin, by what they are for; the last one used where there is none
 * @param devices addresses of machines and shops, by what they are
 * @param others what else the file has */
public record Preferences(
        String theme,
        String language,
        String unit,
        String ground,
        String motion,
        int autosave,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Optional<Double> nudge,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Optional<Double> coarseNudge,
        boolean versionsBeside,
        Map<String, String> keys,
        Map<String, String> folders,
        Map<String, String> devices,
        @JsonAnySetter @JsonAnyGetter Map<String, Object> others) {

    public static final Preferences USUAL = new Preferences(
            "light",
            "system",
            "",
            "light",
            "system",
            0,
            Optional.empty(),
            Optional.empty(),
            false,
            Map.of(),
            Map.of(),
            Map.of(),
            Map.of());

    /** No job is saved by itself more seldom, in minutes. */
    public static final int LONGEST_AUTOSAVE = 120;

    public Preferences {
        theme = theme == null ? "light" : theme;
        language = language == null ? "system" : language;
        unit = unit == null ? "" : unit;
        ground = ground == null ? "light" : ground;
        motion = motion == null ? "system" : motion;
        autosave = Math.clamp(autosave, 0, LONGEST_AUTOSAVE);
        nudge = nudge == null ? Optional.empty() : nudge.filter(v -> v > 0 && Double.isFinite(v));
        coarseNudge = coarseNudge == null ? Optional.empty() : coarseNudge.filter(v -> v > 0 && Double.isFinite(v));
        keys = sorted(keys);
        folders = sorted(folders);
        devices = sorted(devices);
        others = others == null ? Map.of() : Map.copyOf(new LinkedHashMap<>(others));
    }

    private static Map<String, String> sorted(Map<String, String> map) {
        Map<String, String> sorted = new TreeMap<>();
        if (map != null) {
            map.forEach((k, v) -> {
                if (v != null) {
                    sorted.put(k, v);
                }
            });
        }
        return java.util.Collections.unmodifiableMap(sorted);
    }

    /** The unit of new jobs, where one is preferred. */
    @JsonIgnore
    public Optional<LengthUnit> preferredUnit() {
        return LengthUnit.ofSymbol(unit);
    }

    /** How far an arrow key moves in a job of this unit, in mm. */
    public double fineNudge(LengthUnit of) {
        return nudge.orElseGet(of::fineNudge);
    }

    /** How far it moves with Shift, in mm. */
    public double farNudge(LengthUnit of) {
        return coarseNudge.orElseGet(of::coarseNudge);
    }

    public Preferences withTheme(String other) {
        return new Preferences(
                other,
                language,
                unit,
                ground,
                motion,
                autosave,
                nudge,
                coarseNudge,
                versionsBeside,
                keys,
                folders,
                devices,
                others);
    }

    public Preferences withGround(String other) {
        return new Preferences(
                theme,
                language,
                unit,
                other,
                motion,
                autosave,
                nudge,
                coarseNudge,
                versionsBeside,
                keys,
                folders,
                devices,
                others);
    }

    /** With what a device is reached at. */
    public Preferences withDevice(String what, String address) {
        return new Preferences(
                theme,
                language,
                unit,
                ground,
                motion,
                autosave,
                nudge,
                coarseNudge,
                versionsBeside,
                keys,
                folders,
                with(devices, what, address),
                others);
    }

    /** With the folder that file dialogs of a kind begin in. */
    public Preferences withFolder(String what, String folder) {
        return new Preferences(
                theme,
                language,
                unit,
                ground,
                motion,
                autosave,
                nudge,
                coarseNudge,
                versionsBeside,
                keys,
                with(folders, what, folder),
                devices,
                others);
    }

    private static Map<String, String> with(Map<String, String> map, String key, String value) {
        Map<String, String> other = new TreeMap<>(map);
        other.put(key, value);
        return other;
    }
}
