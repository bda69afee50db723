package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.image.Image;
import javafx.stage.Window;
import rondel.compose.template.Blanks;
import rondel.desktop.compose.colour.RecolourForm;
import rondel.desktop.compose.glyphs.GlyphPick;
import rondel.desktop.compose.glyphs.GlyphSheet;
import rondel.desktop.compose.repeat.MirrorForm;
import rondel.desktop.compose.repeat.RepeatForm;
import rondel.desktop.compose.space.SpacingForm;
import rondel.desktop.compose.template.FillInForm;
import rondel.desktop.compose.thing.ThingForm;
import rondel.desktop.desk.Notices;
import rondel.desktop.dialog.ExportDialog;
import rondel.desktop.dialog.FillInDialog;
import rondel.desktop.dialog.GlyphDialog;
import rondel.desktop.dialog.GuideDialog;
import rondel.desktop.dialog.HistoryDialog;
import rondel.desktop.dialog.MirrorDialog;
import rondel.desktop.dialog.NewJobDialog;
import rondel.desktop.dialog.Question;
import rondel.desktop.dialog.ReadingDialog;
import rondel.desktop.dialog.RecolourDialog;
import rondel.desktop.dialog.RepeatDialog;
import rondel.desktop.dialog.RolesDialog;
import rondel.desktop.dialog.SheetDialog;
import rondel.desktop.dialog.SideBySideDialog;
import rondel.desktop.dialog.SpacingDialog;
import rondel.desktop.dialog.StopsDialog;
import rondel.desktop.dialog.ThingDialog;
import rondel.desktop.dialog.VersionsDialog;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.files.StatePictures;
import rondel.desktop.files.VersionPictures;
import rondel.desktop.gang.DesignDialog;
import rondel.desktop.gang.FoldDialog;
import rondel.desktop.gang.NamesDialog;
import rondel.desktop.gang.planning.NamesModel;
import rondel.desktop.handoff.HandOffDialogs;
import rondel.desktop.help.GuidePage;
import rondel.desktop.run.RunDialogs;
import rondel.desktop.sheets.GuideForm;
import rondel.desktop.sheets.SheetForm;
import rondel.formats.reading.OpenQuestions;
import rondel.formats.reading.ReadingChoice;
import rondel.formats.versions.Version;
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
import rondel.words.Refusal;
import rondel.words.Words;

/** The window's questions as dialogs. What was typed and can't be is refused with a sentence, as if not answered. */
public record Dialogs(Supplier<Window> owner, Notices notices, SystemFileChoices choices) implements WindowQuestions {

    /** So many sentences fit into a question. */
    private static final int MOST_TOLD = 8;

    public Dialogs(Supplier<Window> owner, Notices notices) {
        this(owner, notices, new SystemFileChoices(owner));
    }

    @Override
    public Optional<Path> folder() {
        return choices.folder();
    }

    @Override
    public Optional<Design> design(Job job, String title, String go) {
        return answered(() -> new DesignDialog(job).ask(owner.get(), title, go));
    }

    @Override
    public Optional<Design> folded(Job job, Optional<Design> first, boolean tag) {
        return answered(() -> new FoldDialog(job, first, tag).ask(owner.get()));
    }

    @Override
    public void names(NamesModel names) {
        new NamesDialog(names, choices).show(owner.get());
    }

    @Override
    public Optional<PassKey> pass(List<Pass> passes, String title, String go) {
        return answered(() -> new RunDialogs(owner.get()).pass(passes, title, go));
    }

    @Override
    public Optional<Material> material(Material like) {
        return answered(() -> new RunDialogs(owner.get()).material(like));
    }

    @Override
    public Optional<Material> oneOf(List<Material> materials, String title) {
        return answered(() -> new RunDialogs(owner.get()).oneOf(materials, title));
    }

    @Override
    public Optional<List<MaterialRule>> materialRules(
            List<MaterialRule> now, List<Material> materials, List<MaterialRule> about) {
        return answered(() -> new RunDialogs(owner.get()).rules(now, materials, about));
    }

    @Override
    public Optional<double[]> measured(double square) {
        return answered(() -> new RunDialogs(owner.get()).measured(square));
    }

    @Override
    public Optional<Path> scan() {
        return choices.scanToRead();
    }

    @Override
    public Optional<Hoop> hoop(List<Hoop> shipped, Optional<Hoop> now) {
        return answered(() -> new RunDialogs(owner.get()).hoop(shipped, now));
    }

    @Override
    public Optional<SewingThread> thread(Optional<Rgba> colour) {
        return answered(() -> new RunDialogs(owner.get()).thread(colour));
    }

    @Override
    public Optional<PastState> state(List<PastState> states, StatePictures pictures) {
        return answered(() -> new HistoryDialog(states, pictures).ask(owner.get()));
    }

    @Override
    public Optional<Version> version(List<Version> versions, VersionPictures pictures) {
        return answered(() -> new VersionsDialog(versions, pictures).ask(owner.get()));
    }

    @Override
    public Optional<Path> passTarget(String suggested) {
        return choices.exportTarget(suggested);
    }

    @Override
    public Optional<HandOffSet> handOffSet(HandOffSet like, String title) {
        return answered(() -> new HandOffDialogs(owner.get()).set(like, title));
    }

    @Override
    public Optional<Path> handOffTarget(String suggested, boolean zip) {
        SystemFileChoices choices = new SystemFileChoices(owner);
        return zip ? choices.exportTarget(suggested) : choices.folder();
    }

    @Override
    public boolean mayBeSold(String set, List<LedgerEntry> held) {
        return new HandOffDialogs(owner.get()).mayBeSold(set, held);
    }

    @Override
    public boolean removeSet(String name) {
        return Question.of("handoff.remove", Words.of("handoff.removeSure", name), GuidePage.HAND_OFF, false)
                .apart("handoff.remove", true)
                .ask(owner.get());
    }

    @Override
    public Unsaved unsaved(String title) {
        return Question.of("ask.unsavedTitle", Words.of("ask.unsaved", title), GuidePage.KEPT, Unsaved.STAY)
                .usually("ask.save", Unsaved.SAVE)
                .otherwise("ask.discard", Unsaved.DISCARD)
                .ask(owner.get());
    }

    @Override
    public HeldByOthers heldByOthers(String sentence) {
        return Question.of("ask.heldTitle", Words.of("ask.held", sentence), GuidePage.KEPT, HeldByOthers.LEAVE)
                .usually("ask.openToRead", HeldByOthers.READ)
                .apart("ask.takeOver", HeldByOthers.TAKE_OVER)
                .ask(owner.get());
    }

    @Override
    public boolean openRepaired(String why, List<String> told) {
        String leftOut = String.join("\n", told.subList(0, Math.min(MOST_TOLD, told.size())));
        String text = Words.of("ask.repaired", why, told.size(), leftOut).strip();
        return Question.of("ask.repairedTitle", text, GuidePage.TROUBLE, false)
                .usually("ask.openRepaired", true)
                .ask(owner.get());
    }

    @Override
    public LeftOverAnswer recover(String title, int edits, int lost) {
        String asked = Words.of("ask.leftOver", title, edits);
        String text = lost == 0 ? asked : asked + "\n\n" + Words.of("journal.lost", lost);
        return Question.of("ask.leftOverTitle", text, GuidePage.KEPT, "ask.notNow", LeftOverAnswer.NOT_NOW)
                .usually("ask.recover", LeftOverAnswer.BRING_BACK)
                .apart("ask.letGo", LeftOverAnswer.LET_GO)
                .ask(owner.get());
    }

    @Override
    public boolean replace(Path file) {
        return Question.of("ask.replace", Words.of("ask.replaceSure", file.getFileName()), GuidePage.KEPT, false)
                .apart("ask.replace", true)
                .ask(owner.get());
    }

    @Override
    public boolean letGo(String title) {
        return Question.of("ask.letGoTitle", Words.of("ask.letGoSure", title), GuidePage.KEPT, "ask.keep", false)
                .apart("ask.letGo", true)
                .ask(owner.get());
    }

    @Override
    public Optional<Job> newJob() {
        return answered(() -> new NewJobDialog().ask(owner.get()));
    }

    @Override
    public Optional<SheetForm> newSheet(SheetForm suggested, LengthUnit unit) {
        return answered(() ->
                new SheetDialog(suggested, unit).ask(owner.get(), Words.of("sheet.addHeading"), Words.of("sheet.add")));
    }

    @Override
    public Optional<SheetForm> sheet(SheetForm now, LengthUnit unit) {
        return answered(
                () -> new SheetDialog(now, unit).ask(owner.get(), Words.of("sheet.heading"), Words.of("sheet.change")));
    }

    @Override
    public Optional<SpacingForm> spacing(int count, Box box, LengthUnit unit) {
        return answered(() -> new SpacingDialog(count, box, unit).ask(owner.get()));
    }

    @Override
    public Optional<RecolourForm> recolour(Rgba now, boolean anySelected) {
        return answered(() -> new RecolourDialog(now, anySelected).ask(owner.get()));
    }

    @Override
    public Optional<FillInForm> fillIn(Blanks blanks, Supplier<Optional<Path>> choosePicture) {
        return new FillInDialog(blanks, choosePicture).ask(owner.get());
    }

    @Override
    public Optional<List<RoleRule>> roles(List<RoleRule> looks, LengthUnit unit) {
        return new RolesDialog(looks, unit).ask(owner.get());
    }

    @Override
    public Optional<List<Paint.Stop>> stops(List<Paint.Stop> now) {
        return new StopsDialog(now).ask(owner.get());
    }

    @Override
    public Optional<MirrorForm> mirror(MirrorForm suggested, LengthUnit unit) {
        return answered(() -> new MirrorDialog(suggested, unit).ask(owner.get()));
    }

    @Override
    public Optional<RepeatForm> repeat(LengthUnit unit) {
        return answered(() -> new RepeatDialog(unit).ask(owner.get()));
    }

    @Override
    public Optional<Integer> sideBySide(List<Image> pictures, int shown) {
        return new SideBySideDialog(pictures, shown).ask(owner.get());
    }

    @Override
    public Optional<GlyphPick> glyph(GlyphSheet sheet) {
        return new GlyphDialog(sheet).ask(owner.get());
    }

    @Override
    public Optional<ThingForm> thing(ThingForm now, List<String> sets, String heading, String go) {
        return new ThingDialog(now, sets).ask(owner.get(), heading, go);
    }

    @Override
    public Optional<GuideForm> guide(LengthUnit unit) {
        return answered(() -> new GuideDialog(unit).ask(owner.get()));
    }

    @Override
    public Optional<ReadingChoice> reading(String name, OpenQuestions open) {
        return answered(() -> new ReadingDialog(name, open).ask(owner.get()));
    }

    @Override
    public Optional<ExportChoice> export(boolean anySelected, boolean several, Function<ExportChoice, String> told) {
        return answered(() -> new ExportDialog(anySelected, several, told).ask(owner.get()));
    }

    private <T> Optional<T> answered(Supplier<Optional<T>> question) {
        try {
            return question.get();
        } catch (Refusal e) {
            notices.refuse(e.getMessage());
            return Optional.empty();
        }
    }
}
