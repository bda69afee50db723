package rondel.desktop.run.running;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.formats.dst.StitchFile;
import rondel.formats.files.Replacing;
import rondel.job.Cloth;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Hoop;
import rondel.job.Located;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.SewingSettings;
import rondel.job.SewnPart;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StitchSettings;
import rondel.operation.Operation;
import rondel.operation.Together;
import rondel.run.stitch.CentreInHoop;
import rondel.run.stitch.MatchThreads;
import rondel.run.stitch.OrderStitches;
import rondel.run.stitch.SetCloth;
import rondel.run.stitch.SetHoop;
import rondel.run.stitch.SetStitch;
import rondel.run.stitch.SewingOrder;
import rondel.run.stitch.ShippedHoops;
import rondel.words.Words;

/** What is done with stitches. */
public final class SewingActions {

    private final RunModel model;
    private final Desk desk;
    private final ThreadChoice threads;
    private final TapeSending sending;
    private final Progress progress;
    private final RunQuestions questions;

    public SewingActions(
            RunModel model, ThreadChoice threads, TapeSending sending, Progress progress, RunQuestions questions) {
        this.model = model;
        this.desk = model.desk();
        this.threads = threads;
        this.sending = sending;
        this.progress = progress;
        this.questions = questions;
    }

    public ThreadChoice threads() {
        return threads;
    }

    public TapeSending sending() {
        return sending;
    }

    private SheetId sheet() {
        return model.sheet().id();
    }

    /** How the sheet is sewn. */
    public SewingSettings settings() {
        return desk.bench().job().run().of(sheet()).sewn();
    }

    /** What is meant by an edit of stitches: what is held in the picture, else what is selected, else all that is stitched on the sheet. */
    public List<ElementId> meant() {
        List<ElementId> held = stitched(List.copyOf(model.held()));
        if (!held.isEmpty()) {
            return held;
        }
        List<ElementId> selected = stitched(desk.bench().selectedIds());
        // Asked for by every command that is offered: known for as long as the sheet stays as it is.
        return selected.isEmpty() ? desk.bench().sheet().once(SewingActions.class, SewingActions::stitched) : selected;
    }

    /** All of a sheet with the role stitch. */
    private static List<ElementId> stitched(Sheet sheet) {
        List<ElementId> found = new ArrayList<>();
        sheet.elements().forEach(e -> gather(e, found));
        return List.copyOf(found);
    }

    /** All with the role stitch among some things and what they are made of. */
    private List<ElementId> stitched(List<ElementId> ids) {
        List<ElementId> found = new ArrayList<>();
        for (ElementId id : ids) {
            desk.bench().sheet().find(id).map(Located::element).ifPresent(e -> gather(e, found));
        }
        return found.stream().distinct().toList();
    }

    private static void gather(Element e, List<ElementId> found) {
        if (e.children().isEmpty() && e.role() == Role.STITCH) {
            found.add(e.id());
        }
        e.children().forEach(c -> gather(c, found));
    }

    public boolean hasStitches() {
        return !meant().isEmpty();
    }

    /** How the first of what is meant is stitched. */
    public Optional<StitchSettings> meantSettings() {
        return meant().stream()
                .findFirst()
                .flatMap(id -> desk.bench().sheet().find(id))
                .map(l -> l.element().traits().stitch().orElse(StitchSettings.USUAL));
    }

    /** Changes how all that is meant is stitched, as one edit. */
    public void change(UnaryOperator<StitchSettings> change) {
        Map<StitchSettings, List<ElementId>> by = new LinkedHashMap<>();
        for (ElementId id : meant()) {
            desk.bench().sheet().find(id).map(Located::element).ifPresent(e -> {
                StitchSettings now = e.traits().stitch().orElse(StitchSettings.USUAL);
                StitchSettings after = change.apply(now);
                if (!after.equals(now)) {
                    by.computeIfAbsent(after, k -> new ArrayList<>()).add(id);
                }
            });
        }
        List<Operation> steps = new ArrayList<>();
        by.forEach((s, ids) -> steps.add(new SetStitch(ids, Optional.of(s))));
        if (steps.size() == 1) {
            desk.perform(steps.getFirst());
        } else if (!steps.isEmpty()) {
            desk.perform(new Together(Words.of("operation.setStitch"), steps));
        }
    }

    public void hoop(Optional<Hoop> hoop) {
        desk.perform(new SetHoop(sheet(), hoop));
    }

    /** Puts the sheet into a hoop that is asked for. */
    public void askHoop() {
        questions.hoop(ShippedHoops.ALL, settings().hoop()).ifPresent(h -> hoop(Optional.of(h)));
    }

    public void cloth(Cloth cloth) {
        if (cloth != settings().cloth()) {
            desk.perform(new SetCloth(sheet(), cloth));
        }
    }

    public void centre() {
        desk.perform(new CentreInHoop(sheet()));
    }

    /** Has all that is meant sewn with the threads that there are. */
    public void match() {
        List<ElementId> of = meant();
        threads.read(all -> desk.perform(new MatchThreads(of, all)));
    }

    /** Keeps a thread that is asked for. */
    public void keepThread() {
        questions
                .thread(meantSettings().flatMap(StitchSettings::thread))
                .ifPresent(t -> threads.keep(t, all -> {
                    model.tell();
                    desk.notices().say(Words.of("sew.kept", t.name()));
                }));
    }

    /** Puts one thread before another; as many as there are for the end. */
    public void moveThread(int from, int to) {
        model.sewn().ifPresent(s -> order(SewingOrder.movedThread(s.pattern(), from, to)));
    }

    /** Puts one part before another; as many as there are for the end. */
    public void movePart(int from, int to) {
        model.sewn().ifPresent(s -> order(SewingOrder.movedPart(s.pattern(), from, to)));
    }

    private void order(List<SewnPart> order) {
        if (model.sewn().filter(s -> SewingOrder.of(s.pattern()).equals(order)).isEmpty()) {
            desk.perform(new OrderStitches(sheet(), order));
        }
    }

    /** Moves what is held one part on in the order of sewing.
     *
     * @param by 1 for later, -1 for earlier */
    public void moveHeld(int by) {
        model.sewn().ifPresent(s -> {
            List<SewnPart> order = SewingOrder.of(s.pattern());
            for (int i = 0; i < order.size(); i++) {
                boolean held = order.get(i).path().stream().anyMatch(model.held()::contains);
                int to = by > 0 ? i + 2 : i - 1;
                if (held && to >= 0 && to <= order.size()) {
                    movePart(i, to);
                    return;
                }
            }
        });
    }

    public boolean canMove() {
        return model.sewn().isPresent() && !model.held().isEmpty();
    }

    public boolean isOrdered() {
        return !settings().order().isEmpty();
    }

    /** Lets the order be worked out again. */
    public void orderAfresh() {
        desk.perform(new OrderStitches(sheet(), List.of()));
    }

    /** Writes the pass as a tape, a table or a picture. */
    public void save() {
        String title = desk.bench().job().title();
        model.sewn().ifPresent(s -> questions
                .passTarget(s.pass().name().replace(":", "") + ".dst")
                .ifPresent(file -> progress.run(
                        Words.of("run.writing"),
                        () -> {
                            StitchFile.write(file, Replacing.ANYTHING, s.pattern(), title);
                            return file;
                        },
                        f -> desk.notices().say(Words.of("run.written", f.getFileName())))));
    }

    /** The thread of a colour, as it is called. */
    public String threadName(Rgba colour) {
        return threads.name(colour);
    }
}
