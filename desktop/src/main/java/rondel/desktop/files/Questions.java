package rondel.desktop.files;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.image.Image;
import rondel.compose.template.Blanks;
import rondel.desktop.compose.colour.RecolourForm;
import rondel.desktop.compose.glyphs.GlyphPick;
import rondel.desktop.compose.glyphs.GlyphSheet;
import rondel.desktop.compose.repeat.MirrorForm;
import rondel.desktop.compose.repeat.RepeatForm;
import rondel.desktop.compose.space.SpacingForm;
import rondel.desktop.compose.template.FillInForm;
import rondel.desktop.compose.thing.ThingForm;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.sheets.GuideForm;
import rondel.desktop.sheets.SheetForm;
import rondel.formats.reading.OpenQuestions;
import rondel.formats.reading.ReadingChoice;
import rondel.formats.versions.Version;
import rondel.geometry.Box;
import rondel.history.PastState;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.RoleRule;
import rondel.units.LengthUnit;

/** Questions that the person must answer before something goes on: by dialogs, or by what a test says. */
public interface Questions {

    /** What to do with work that is not saved. */
    enum Unsaved {
        SAVE,
        DISCARD,
        STAY
    }

    Unsaved unsaved(String title);

    /** What to do with a file that somebody else works on. */
    enum HeldByOthers {
        READ,
        TAKE_OVER,
        LEAVE
    }

    /** @param sentence on who has it */
    HeldByOthers heldByOthers(String sentence);

    /** Whether what was got out of a damaged file is to be opened.
     *
     * @param why the sentence on what is wrong with it
     * @param told a sentence on each thing that is left out or was mended */
    boolean openRepaired(String why, List<String> told);

    Optional<Job> newJob();

    /** What a further sheet should be like. */
    Optional<SheetForm> newSheet(SheetForm suggested, LengthUnit unit);

    /** How several things should be spaced out.
     *
     * @param box around them */
    Optional<SpacingForm> spacing(int count, Box box, LengthUnit unit);

    /** Which colour goes in the place of which.
     *
     * @param now the colour that is likely meant */
    Optional<RecolourForm> recolour(Rgba now, boolean anySelected);

    /** What is to be filled into a template.
     *
     * @param choosePicture asks for one picture file */
    Optional<FillInForm> fillIn(Blanks blanks, Supplier<Optional<Path>> choosePicture);

    /** How things of each look are made. */
    Optional<List<RoleRule>> roles(List<RoleRule> looks, LengthUnit unit);

    /** Which stops a gradient should have. */
    Optional<List<Paint.Stop>> stops(List<Paint.Stop> now);

    /** To which corners an arrangement is mirrored. */
    Optional<MirrorForm> mirror(MirrorForm suggested, LengthUnit unit);

    /** How a strip is repeated along its sheet. */
    Optional<RepeatForm> repeat(LengthUnit unit);

    /** Which of several alternatives is wanted, by its number from 0.
     *
     * @param pictures of the sheet with each */
    Optional<Integer> sideBySide(List<Image> pictures, int shown);

    /** Which glyph of a font is wanted, and for which letter. */
    Optional<GlyphPick> glyph(GlyphSheet sheet);

    /** What a thing on the shelf is, or is to be.
     *
     * @param sets that are there already */
    Optional<ThingForm> thing(ThingForm now, List<String> sets, String heading, String go);

    /** Where a guide should lie. */
    Optional<GuideForm> guide(LengthUnit unit);

    /** What a file that is to be placed leaves open.
     *
     * @param name of the file */
    Optional<ReadingChoice> reading(String name, OpenQuestions open);

    /** What the sheet should become. */
    Optional<SheetForm> sheet(SheetForm now, LengthUnit unit);

    /** @param anySelected whether exporting only the selection can be chosen */
    Optional<ExportChoice> export(boolean anySelected, boolean several, Function<ExportChoice, String> told);

    /** What to do with work left over from a crash. */
    enum LeftOverAnswer {
        BRING_BACK,
        /** It is asked again at the next start. */
        NOT_NOW,
        LET_GO
    }

    /** @param edits that are not in any file
     *  @param lost those beyond that can't be brought back */
    LeftOverAnswer recover(String title, int edits, int lost);

    /** Whether a file that is there may be written over. */
    boolean replace(Path file);

    /** Whether work left over from a crash is really to be put away. */
    boolean letGo(String title);

    /** Which of the versions of a job is to be opened.
     *
     * @param pictures shows each beside the job as it is */
    Optional<Version> version(List<Version> versions, VersionPictures pictures);

    /** To which state of the job one wants to go.
     *
     * @param pictures shows each small */
    Optional<PastState> state(List<PastState> states, StatePictures pictures);
}
