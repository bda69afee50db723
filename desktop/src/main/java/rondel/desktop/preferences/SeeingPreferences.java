package rondel.desktop.preferences;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import rondel.desktop.desk.Preferred;
import rondel.desktop.field.LabelledFields;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.look.Theme;
import rondel.desktop.sheet.SheetLook.Ground;
import rondel.formats.preferences.ChoiceWord;
import rondel.formats.preferences.Preferences;
import rondel.words.Words;

/** Language and looks. */
final class SeeingPreferences extends LabelledFields {

    private static final String SYSTEM = "system";

    SeeingPreferences(Preferred preferred) {
        Preferences now = preferred.now();
        List<String> languages = new ArrayList<>(List.of(SYSTEM));
        Words.languages().forEach(l -> languages.add(l.toLanguageTag()));
        showing(() -> {
            choice(
                            "preferred-language",
                            "prefs.language",
                            languages.toArray(String[]::new),
                            SeeingPreferences::language,
                            tag -> preferred.change(p -> p.withLanguage(tag)))
                    .setValue(languages.contains(now.language()) ? now.language() : SYSTEM);
            choice(
                            "preferred-theme",
                            "prefs.theme",
                            Theme.values(),
                            t -> Words.of("command.theme-" + t),
                            t -> preferred.change(p -> p.withTheme(t.preference())))
                    .setValue(Theme.named(now.theme()));
            choice(
                            "preferred-ground",
                            "prefs.ground",
                            Ground.values(),
                            g -> Words.of("command.ground-" + g),
                            g -> preferred.change(p -> p.withGround(ChoiceWord.of(g))))
                    .setValue(Ground.named(now.ground()));
            check(
                            "preferred-still",
                            "prefs.still",
                            still -> preferred.change(p -> p.withMotion(still ? "off" : SYSTEM)))
                    .setSelected(now.motion().equals("off"));
        });
        wide(WrappedLabel.of(Words.of("prefs.languageLater"), "quiet"));
    }

    /** A language in its own words. */
    private static String language(String tag) {
        if (tag.equals(SYSTEM)) {
            return Words.of("command.theme-SYSTEM");
        }
        Locale language = Locale.forLanguageTag(tag);
        return language.getDisplayLanguage(language);
    }
}
