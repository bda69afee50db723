package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
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
import rondel.desktop.files.FileChoices;
import rondel.desktop.files.StatePictures;
import rondel.desktop.files.VersionPictures;
import rondel.desktop.gang.DesignDialog;
import rondel.desktop.gang.planning.NamesModel;
import rondel.desktop.sheets.GuideForm;
import rondel.desktop.sheets.SheetForm;
import rondel.formats.export.ExportFormat;
import rondel.formats.reading.OpenQuestions;
import rondel.formats.reading.ReadingChoice;
import rondel.formats.versions.Version;
import rondel.gang.copies.DesignContents;
import rondel.geometry.Box;
import rondel.handoff.ledger.LedgerEntry;
import rondel.history.PastState;
import rondel.job.Design;
import rondel.job.HandOffSet;
import rondel.job.Hoop;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.Paint;
import rondel.job.PassKey;
import rondel.job.Rgba;
import rondel.job.RoleRule;
import rondel.run.passes.Pass;
import rondel.run.stitch.SewingThread;
import rondel.units.LengthUnit;

/** What the person would say in dialogs. */
final class Answers implements FileChoices, WindowQuestions {
    Path job;
    List<Path> artwork = List.of();
    List<Path> fonts = List.of();
    Path list;
    Path export;
    Optional<UnaryOperator<SheetForm>> sheet = Optional.empty();
    LeftOverAnswer recover = LeftOverAnswer.BRING_BACK;
    boolean letGo;
    HeldByOthers heldByOthers = HeldByOthers.READ;

    /** The sentences on who works on a file that was to be opened. */
    final List<String> asked = new java.util.ArrayList<>();

    Optional<SpacingForm> spacing = Optional.empty();
    Optional<UnaryOperator<ThingForm>> thing = Optional.empty();
    Optional<GuideForm> guide = Optional.empty();
    Optional<Function<Blanks, FillInForm>> fillIn = Optional.empty();
    Optional<UnaryOperator<List<RoleRule>>> roles = Optional.empty();
    Optional<UnaryOperator<List<Paint.Stop>>> stops = Optional.empty();
    UnaryOperator<MirrorForm> mirror = UnaryOperator.identity();
    Optional<RepeatForm> repeat = Optional.empty();
    /** The name of the design that is meant; without, none. */
    Optional<String> design = Optional.empty();

    Optional<Function<Boolean, Design>> folded = Optional.empty();
    /** What is done with a list of names. */
    Consumer<NamesModel> names = n -> {};

    /** The number of the pass that is meant, from 1. */
    int pass = 1;

    UnaryOperator<Material> material = UnaryOperator.identity();
    Optional<UnaryOperator<List<MaterialRule>>> materialRules = Optional.empty();
    Path scan;
    List<Version> offered = List.of();
    int version = -1;
    final List<Integer> statesOffered = new java.util.ArrayList<>();
    int stepsWanted;
    VersionPictures shown;
    Optional<Hoop> hoop = Optional.empty();
    Optional<SewingThread> thread = Optional.empty();
    Optional<double[]> measured = Optional.empty();
    Optional<Integer> alternative = Optional.empty();
    int compared;
    Optional<Function<GlyphSheet, GlyphPick>> glyph = Optional.empty();
    Optional<Function<Rgba, RecolourForm>> recolour = Optional.empty();
    ExportChoice choice = new ExportChoice(ExportFormat.PDF, false, 150, false);

    Optional<UnaryOperator<HandOffSet>> handOffSet = Optional.empty();
    Path handOffTarget;
    boolean mayBeSold;

    /** What was asked about before it was sold. */
    List<LedgerEntry> held = List.of();

    @Override
    public Optional<HandOffSet> handOffSet(HandOffSet like, String title) {
        return handOffSet.map(s -> s.apply(like));
    }

    @Override
    public Optional<Path> handOffTarget(String suggested, boolean zip) {
        return Optional.ofNullable(handOffTarget);
    }

    @Override
    public boolean mayBeSold(String set, List<LedgerEntry> asked) {
        held = asked;
        return mayBeSold;
    }

    @Override
    public boolean removeSet(String name) {
        return true;
    }

    @Override
    public Optional<PassKey> pass(List<Pass> passes, String title, String go) {
        return Optional.of(passes.get(pass - 1).key());
    }

    @Override
    public Optional<Material> material(Material like) {
        return Optional.of(material.apply(like));
    }

    @Override
    public Optional<Material> oneOf(List<Material> materials, String title) {
        return materials.stream().findFirst().map(material);
    }

    @Override
    public Optional<List<MaterialRule>> materialRules(
            List<MaterialRule> now, List<Material> materials, List<MaterialRule> about) {
        return materialRules.map(r -> r.apply(now));
    }

    @Override
    public Optional<Path> scan() {
        return Optional.ofNullable(scan);
    }

    @Override
    public Optional<Hoop> hoop(List<Hoop> shipped, Optional<Hoop> now) {
        return hoop;
    }

    @Override
    public Optional<SewingThread> thread(Optional<Rgba> colour) {
        return thread;
    }

    @Override
    public Optional<PastState> state(List<PastState> states, StatePictures pictures) {
        states.forEach(s -> statesOffered.add(s.steps()));
        return states.stream().filter(s -> s.steps() == stepsWanted).findFirst();
    }

    @Override
    public Optional<Version> version(List<Version> versions, VersionPictures pictures) {
        offered = versions;
        shown = pictures;
        return version < 0 ? Optional.empty() : Optional.of(versions.get(version));
    }

    @Override
    public Optional<Path> passTarget(String suggested) {
        return Optional.ofNullable(export);
    }

    @Override
    public Optional<double[]> measured(double square) {
        return measured;
    }

    @Override
    public Optional<Path> jobToOpen() {
        return Optional.ofNullable(job);
    }

    @Override
    public Optional<Path> jobToSave(String suggested) {
        return Optional.ofNullable(job);
    }

    @Override
    public List<Path> artworkToPlace() {
        return artwork;
    }

    @Override
    public Optional<Path> listToRead() {
        return Optional.ofNullable(list);
    }

    @Override
    public List<Path> fontsToAdd() {
        return fonts;
    }

    @Override
    public Optional<Path> exportTarget(String suggested) {
        return Optional.ofNullable(export);
    }

    @Override
    public Unsaved unsaved(String title) {
        return Unsaved.DISCARD;
    }

    @Override
    public HeldByOthers heldByOthers(String sentence) {
        asked.add(sentence);
        return heldByOthers;
    }

    @Override
    public boolean openRepaired(String why, List<String> told) {
        asked.add(why);
        asked.addAll(told);
        return true;
    }

    @Override
    public Optional<Job> newJob() {
        return Optional.of(Job.blank("Fresh", LengthUnit.MM, 210, 297));
    }

    @Override
    public Optional<SheetForm> newSheet(SheetForm suggested, LengthUnit unit) {
        return sheet.map(change -> change.apply(suggested));
    }

    @Override
    public Optional<SheetForm> sheet(SheetForm now, LengthUnit unit) {
        return sheet.map(change -> change.apply(now));
    }

    @Override
    public Optional<SpacingForm> spacing(int count, Box box, LengthUnit unit) {
        return spacing;
    }

    @Override
    public Optional<RecolourForm> recolour(Rgba now, boolean anySelected) {
        return recolour.map(make -> make.apply(now));
    }

    @Override
    public Optional<FillInForm> fillIn(Blanks blanks, Supplier<Optional<Path>> choosePicture) {
        return fillIn.map(fill -> fill.apply(blanks));
    }

    @Override
    public Optional<List<RoleRule>> roles(List<RoleRule> looks, LengthUnit unit) {
        return roles.map(change -> change.apply(looks));
    }

    @Override
    public Optional<List<Paint.Stop>> stops(List<Paint.Stop> now) {
        return stops.map(change -> change.apply(now));
    }

    @Override
    public Optional<MirrorForm> mirror(MirrorForm suggested, LengthUnit unit) {
        return Optional.of(mirror.apply(suggested));
    }

    @Override
    public Optional<Design> design(Job job, String title, String go) {
        return design.flatMap(name -> DesignDialog.all(job).stream()
                .filter(d -> DesignContents.name(job, d).equals(name))
                .findFirst());
    }

    @Override
    public Optional<Design> folded(Job job, Optional<Design> first, boolean tag) {
        return folded.map(f -> f.apply(tag));
    }

    @Override
    public void names(NamesModel model) {
        names.accept(model);
    }

    @Override
    public Optional<RepeatForm> repeat(LengthUnit unit) {
        return repeat;
    }

    @Override
    public Optional<Integer> sideBySide(List<Image> pictures, int shown) {
        compared = pictures.size();
        return alternative;
    }

    @Override
    public Optional<GlyphPick> glyph(GlyphSheet sheet) {
        return glyph.map(choose -> choose.apply(sheet));
    }

    @Override
    public Optional<ThingForm> thing(ThingForm now, List<String> sets, String heading, String go) {
        return thing.map(change -> change.apply(now));
    }

    /** What was left open by a file, and what is said to it. */
    OpenQuestions open;

    Optional<ReadingChoice> reading = Optional.empty();

    @Override
    public Optional<ReadingChoice> reading(String name, OpenQuestions left) {
        open = left;
        return reading;
    }

    @Override
    public Optional<GuideForm> guide(LengthUnit unit) {
        return guide;
    }

    @Override
    public Optional<ExportChoice> export(
            boolean anySelected, boolean several, java.util.function.Function<ExportChoice, String> told) {
        return Optional.of(choice);
    }

    @Override
    public LeftOverAnswer recover(String title, int edits, int lost) {
        return recover;
    }

    @Override
    public boolean replace(Path file) {
        return false;
    }

    @Override
    public boolean letGo(String title) {
        return letGo;
    }

    /** The folder that is chosen next. */
    Optional<Path> nextFolder = Optional.empty();

    @Override
    public Optional<Path> folder() {
        return nextFolder;
    }
}
