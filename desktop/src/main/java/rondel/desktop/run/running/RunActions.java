package rondel.desktop.run.running;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.devices.camera.ScanFile;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.hpgl.HpglWriter;
import rondel.formats.picture.ScannedPicture;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.PassKey;
import rondel.job.PassSettings;
import rondel.job.RunSettings;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.passes.ChangePass;
import rondel.run.passes.JoinPasses;
import rondel.run.passes.KeepMaterial;
import rondel.run.passes.MaterialsByColour;
import rondel.run.passes.MoveLines;
import rondel.run.passes.MovePass;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.passes.PutPassesBack;
import rondel.run.passes.SetMaterialRules;
import rondel.run.passes.SetSheetMaterial;
import rondel.run.passes.SheetLines;
import rondel.run.passes.ShippedMaterials;
import rondel.run.passes.SplitPass;
import rondel.run.registration.GreyPicture;
import rondel.run.registration.MarkSearch;
import rondel.run.registration.PrintedMarks;
import rondel.run.registration.Registration;
import rondel.words.Words;

/** What the commands of the Run stage do. */
public final class RunActions {

    private static final String ANY = "-";

    private final RunModel model;
    private final Sending sending;
    private final Printing printing;
    private final MaterialChoice materials;
    private final Progress progress;
    private final RunQuestions questions;
    private final Desk desk;
    private MachineAddress cutter = new MachineAddress.StandIn();

    public RunActions(
            RunModel model,
            Sending sending,
            Printing printing,
            MaterialChoice materials,
            Progress progress,
            RunQuestions questions) {
        this.model = model;
        this.sending = sending;
        this.printing = printing;
        this.materials = materials;
        this.progress = progress;
        this.questions = questions;
        this.desk = model.desk();
    }

    public RunModel model() {
        return model;
    }

    public Sending sending() {
        return sending;
    }

    public Printing printing() {
        return printing;
    }

    public MaterialChoice materials() {
        return materials;
    }

    /** Where passes are sent to that are not printed. */
    public void cutter(MachineAddress to) {
        cutter = to;
    }

    public MachineAddress cutter() {
        return cutter;
    }

    public boolean hasPass() {
        return model.pass().isPresent();
    }

    public boolean canSend() {
        return !sending.isRunning()
                && model.pass()
                        .filter(p -> p.isPrint() || model.planned().isPresent())
                        .isPresent();
    }

    public boolean holdsLines() {
        return !model.held().isEmpty();
    }

    /** Prints the pass, or sends it to the cutter. */
    public void send() {
        Optional<Pass> print = model.pass().filter(Pass::isPrint);
        if (print.isPresent()) {
            Pass p = print.get();
            SheetId sheet = sheet();
            model.choose(p.key());
            printing.print(sheet, () -> model.done(sheet, p.key(), p.fingerprint()));
        } else if (cutter instanceof MachineAddress.ToFile) {
            save();
        } else {
            sending.send(cutter);
        }
    }

    /** Writes the pass as HP-GL. */
    public void save() {
        model.planned().ifPresent(p -> questions
                .passTarget(p.pass().name() + ".hpgl")
                .ifPresent(file -> progress.run(
                        Words.of("run.writing"),
                        () -> {
                            AtomicFile.write(
                                    file,
                                    Replacing.ANYTHING,
                                    o -> o.write(HpglWriter.of(p.route()).bytes()));
                            return file;
                        },
                        f -> desk.notices().say(Words.of("run.written", f.getFileName())))));
    }

    private SheetId sheet() {
        return model.sheet().id();
    }

    /** Changes what is said of the pass that is looked at. */
    public void change(UnaryOperator<PassSettings> change) {
        model.pass().ifPresent(p -> {
            PassSettings after = change.apply(p.settings());
            if (!after.equals(p.settings())) {
                desk.perform(new ChangePass(sheet(), after));
            }
        });
    }

    /** Marks a pass as done, or as still to do. */
    public void done(Pass pass) {
        boolean done = pass.state() == Pass.State.DONE;
        desk.perform(new ChangePass(
                sheet(), pass.settings().withDone(done ? Optional.empty() : Optional.of(pass.fingerprint()))));
    }

    public void skip() {
        change(s -> s.skipped(!s.skipped()));
    }

    /** @param by 1 for later, -1 for earlier */
    public void move(int by) {
        model.pass().ifPresent(p -> {
            int place = place(p.key()) + by;
            if (place >= 1 && place <= model.passes().size()) {
                model.choose(p.key());
                desk.perform(new MovePass(sheet(), p.key(), place));
            }
        });
    }

    private int place(PassKey key) {
        return model.passes().stream().map(Pass::key).toList().indexOf(key) + 1;
    }

    /** Makes the lines of another pass in the one that is looked at. */
    public void join() {
        model.pass().ifPresent(p -> {
            List<Pass> others = model.passes().stream()
                    .filter(o -> !o.isPrint() && !o.key().equals(p.key()))
                    .toList();
            if (p.isPrint() || others.isEmpty()) {
                desk.notices().refuse(Words.of("run.nothingToJoin"));
                return;
            }
            questions
                    .pass(others, Words.of("run.joinTitle", p.name()), Words.of("run.join"))
                    .ifPresent(o -> desk.perform(new JoinPasses(sheet(), p.key(), o)));
        });
    }

    /** Makes the lines that are held in a pass of their own. */
    public void split() {
        model.pass().ifPresent(p -> {
            SplitPass split = new SplitPass(sheet(), p.key(), List.copyOf(model.held()));
            PassKey part = split.part(desk.bench().job());
            desk.perform(split, () -> model.choose(part));
        });
    }

    /** Makes the lines that are held in another pass. */
    public void moveLines() {
        List<Pass> others = model.passes().stream().filter(o -> !o.isPrint()).toList();
        questions
                .pass(others, Words.of("run.linesTitle"), Words.of("run.moveLines"))
                .ifPresent(o -> desk.perform(new MoveLines(sheet(), List.copyOf(model.held()), o)));
    }

    public void putBack() {
        desk.perform(new PutPassesBack(sheet()));
    }

    public void byColour() {
        desk.perform(new MaterialsByColour(
                sheet(), Passes.usualMaterial(desk.bench().job(), sheet()).name()));
    }

    /** Asks what is made of what. */
    public void rules() {
        Job job = desk.bench().job();
        questions
                .materialRules(job.run().rules(), materials.all(), about(model.sheet()))
                .ifPresent(rules -> {
                    List<Material> needed = materials.all().stream()
                            .filter(m ->
                                    rules.stream().anyMatch(r -> r.material().equals(m.name()))
                                            && job.run().material(m.name()).isEmpty())
                            .toList();
                    needed.forEach(m -> desk.perform(new KeepMaterial(m)));
                    desk.perform(new SetMaterialRules(rules));
                });
    }

    /** A colour or a role each. */
    private static List<MaterialRule> about(Sheet sheet) {
        Set<MaterialRule> all = new LinkedHashSet<>();
        SheetLines.of(sheet).forEach(l -> all.add(MaterialRule.ofColour(l.colour(), ANY)));
        SheetLines.of(sheet)
                .forEach(
                        l -> all.add(new MaterialRule(Optional.of(l.role()), Optional.empty(), Optional.empty(), ANY)));
        return List.copyOf(all);
    }

    /** Makes the lines that are held, wherever their design is copied to, of a material. */
    public void lineMaterial() {
        questions.oneOf(materials.all(), Words.of("run.linesMaterial")).ifPresent(m -> {
            RunSettings run = desk.bench().job().run();
            List<MaterialRule> rules = new ArrayList<>();
            model.held()
                    .forEach(e ->
                            rules.add(new MaterialRule(Optional.empty(), Optional.empty(), Optional.of(e), m.name())));
            run.rules().stream()
                    .filter(r -> r.group().filter(model.held()::contains).isEmpty())
                    .forEach(rules::add);
            if (run.material(m.name()).isEmpty()
                    && ShippedMaterials.named(m.name()).isEmpty()) {
                desk.perform(new KeepMaterial(m));
            }
            desk.perform(new SetMaterialRules(rules));
        });
    }

    /** Chooses what the sheet's lines are made of where no rule says otherwise. */
    public void material(Material material) {
        Job job = desk.bench().job();
        if (!Passes.material(job, material.name()).equals(material)) {
            desk.perform(new KeepMaterial(material));
        }
        desk.perform(new SetSheetMaterial(sheet(), Optional.of(material.name())));
    }

    /** Changes the figures of the material of the pass. */
    public void figures(UnaryOperator<Material> change) {
        model.pass().ifPresent(p -> {
            Material after = change.apply(p.material());
            if (!after.equals(p.material())) {
                desk.perform(new KeepMaterial(after));
            }
        });
    }

    /** A material of the person's own. */
    public void newMaterial() {
        Material like = model.pass().map(Pass::material).orElse(materials.all().getFirst());
        questions
                .material(like)
                .ifPresent(m -> materials.keep(m, () -> {
                    material(m);
                    desk.notices().say(Words.of("run.materialKept", m.name()));
                }));
    }

    /** Finds the print on a picture of what is loaded. */
    public void scan() {
        if (!model.hasMarks()) {
            desk.notices().refuse(Words.of("register.noMarks"));
            return;
        }
        questions.scan().ifPresent(this::scan);
    }

    private void scan(Path file) {
        Sheet sheet = model.sheet();
        progress.run(
                Words.of("run.searching"),
                () -> {
                    ScannedPicture picture = ScanFile.read(file);
                    BufferedImage image = picture.image();
                    Registration found = MarkSearch.of(GreyPicture.of(image), PrintedMarks.of(sheet));
                    Point middle = sheet.trim().centre();
                    double ppi = found.ppi(picture.ppi(), middle);
                    return new RunModel.Registered(found.onPaper(ppi, sheet.height()), found.residual());
                },
                found -> {
                    model.register(sheet.id(), found);
                    desk.notices()
                            .say(Words.of(
                                    "run.registered", String.format(java.util.Locale.ROOT, "%.3f", found.residual())));
                });
    }

    public void forgetScan() {
        model.forgetRegistration();
    }

    public RunQuestions questions() {
        return questions;
    }
}
