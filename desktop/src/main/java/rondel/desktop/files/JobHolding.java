package rondel.desktop.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.desktop.desk.Desk;

/** The file of the job on the bench, kept from other programs for as long as it is open here, and what is known of whoever else has it. */
public final class JobHolding {

    private final Desk desk;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<HeldFile> held = Optional.empty();

    JobHolding(Desk desk) {
        this.desk = desk;
    }

    Optional<HeldFile> file() {
        return held;
    }

    /** Whether somebody else works on the file, so that it is here to be read. */
    public boolean isToRead() {
        return held.flatMap(HeldFile::heldBy).isPresent();
    }

    /** Hears when that may be otherwise. */
    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Holds another file, or none, and lets go of the one before. */
    void hold(Optional<HeldFile> other) {
        Optional<HeldFile> before = held;
        held = other;
        before.filter(b -> other.flatMap(HeldFile::lock).isEmpty()
                        || !b.lock().equals(other.get().lock()))
                .ifPresent(b -> desk.inBackground(() -> {
                    b.letGo();
                    return b;
                }));
        listeners.forEach(Runnable::run);
    }

    /** Looks whether somebody has taken the file over meanwhile, as when the person comes back to the window, and says so then: not only when the
     *  job is saved. */
    public void look() {
        held.filter(h -> h.lock().isPresent()).ifPresent(h -> desk.workers()
                .file(
                        h::takenOver,
                        taken -> taken.filter(t -> held.equals(Optional.of(h))).ifPresent(this::isTaken),
                        desk.notices()::failed,
                        () -> {}));
    }

    private void isTaken(HeldFile taken) {
        hold(Optional.of(taken));
        taken.heldBy().ifPresent(desk.notices()::refuse);
    }

    /** Lets the file go at once: the window closes. */
    void close() {
        held.ifPresent(HeldFile::letGo);
        held = Optional.empty();
    }
}
