package rondel.desktop.run.running;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Optional;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.devices.camera.ScanFile;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.hpgl.HpglWriter;
import rondel.formats.picture.ScannedPicture;
import rondel.formats.preferences.Preferences;
import rondel.geometry.Point;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.passes.Pass;
import rondel.run.registration.GreyPicture;
import rondel.run.registration.MarkSearch;
import rondel.run.registration.PrintedMarks;
import rondel.run.registration.Registration;
import rondel.words.Decimals;
import rondel.words.Words;

/** What the commands of the Run stage do. */
public final class RunActions {

    private final RunModel model;
    private final Sending sending;
    private final Printing printing;
    private final MaterialChoice materials;
    private final SewingActions sewing;
    private final Progress progress;
    private final RunQuestions questions;
    private final PassActions passes;
    private final MaterialActions making;
    private final Desk desk;

    public RunActions(
            RunModel model,
            Sending sending,
            Printing printing,
            MaterialChoice materials,
            SewingActions sewing,
            Progress progress,
            RunQuestions questions) {
        this.model = model;
        this.sending = sending;
        this.printing = printing;
        this.materials = materials;
        this.sewing = sewing;
        this.progress = progress;
        this.questions = questions;
        this.desk = model.desk();
        this.passes = new PassActions(model, questions);
        this.making = new MaterialActions(model, materials, questions);
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

    /** What is done with passes. */
    public PassActions passes() {
        return passes;
    }

    /** What is done with materials. */
    public MaterialActions making() {
        return making;
    }

    /** What is done with stitches. */
    public SewingActions sewing() {
        return sewing;
    }

    /** The machine of the pass that is looked at, or the one that runs. */
    public MachineRun machine() {
        boolean stitch = model.pass().filter(Pass::isStitch).isPresent();
        return sewing.sending().isRunning() || stitch && !sending.isRunning() ? sewing.sending() : sending;
    }

    public MaterialChoice materials() {
        return materials;
    }

    /** Where the pass that is looked at, which is not printed, is sent to, and others that are made alike. */
    public void machine(MachineAddress to) {
        String machine = kindOfMachine();
        desk.preferred().change(p -> p.withDevice(machine, to.text()));
    }

    public MachineAddress machineAddress() {
        return MachineAddress.ofText(desk.preferred().now().device(kindOfMachine()));
    }

    private String kindOfMachine() {
        return model.pass().filter(Pass::isStitch).isPresent() ? Preferences.STITCHER : Preferences.CUTTER;
    }

    public boolean hasPass() {
        return model.pass().isPresent();
    }

    public boolean canSend() {
        return !machine().isRunning()
                && model.pass().filter(p -> p.isPrint() || canSave()).isPresent();
    }

    /** Whether it is known what the pass that is looked at consists of. */
    public boolean canSave() {
        return model.planned().isPresent() || model.sewn().isPresent();
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
        } else if (model.sewn().isPresent()) {
            if (machineAddress() instanceof MachineAddress.ToFile) {
                save();
            } else {
                sewing.sending().send(machineAddress());
            }
        } else if (machineAddress() instanceof MachineAddress.ToFile) {
            save();
        } else {
            sending.send(machineAddress());
        }
    }

    /** Writes the pass as HP-GL, or as a tape. */
    public void save() {
        if (model.sewn().isPresent()) {
            sewing.save();
            return;
        }
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
                    desk.notices().say(Words.of("run.registered", Decimals.of(found.residual(), 3)));
                });
    }

    public void forgetScan() {
        model.forgetRegistration();
    }

    public RunQuestions questions() {
        return questions;
    }
}
