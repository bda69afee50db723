package rondel.desktop.handoff.making;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.devices.shop.SetPublishing;
import rondel.formats.handoff.HandOffRun;
import rondel.handoff.sets.KeepHandOffSet;
import rondel.handoff.sets.RemoveHandOffSet;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** What the commands of the Hand off stage do. */
public final class HandOffActions {

    private final HandOffModel model;
    private final ShopChoice shop;
    private final Progress progress;
    private final HandOffQuestions questions;
    private final Desk desk;
    private boolean running;

    public HandOffActions(HandOffModel model, ShopChoice shop, Progress progress, HandOffQuestions questions) {
        this.model = model;
        this.shop = shop;
        this.progress = progress;
        this.questions = questions;
        this.desk = model.desk();
    }

    public HandOffModel model() {
        return model;
    }

    public ShopChoice shop() {
        return shop;
    }

    /** Whether the set that is looked at has files, and none are being made. */
    public boolean canMake() {
        return !running && model.planned().filter(p -> !p.files().isEmpty()).isPresent();
    }

    public boolean holdsOwnSet() {
        return model.isOwn(model.set());
    }

    /** Makes all files of the set, in a folder. */
    public void makeInFolder() {
        make(false);
    }

    /** Makes all files of the set, in one zip. */
    public void makeZip() {
        make(true);
    }

    private void make(boolean zip) {
        ready().ifPresent(p -> questions
                .handOffTarget(p.job().title() + " - " + p.set().name() + ".zip", zip)
                .ifPresent(target -> make(p.job(), p.set(), target)));
    }

    /** The set, once the person has said what must be said of it. */
    private Optional<HandOffModel.Planned> ready() {
        return model.planned()
                .filter(p -> canMake())
                .filter(p -> p.held().isEmpty() || questions.mayBeSold(p.set().name(), p.held()));
    }

    private void make(Job job, HandOffSet set, Path target) {
        running = true;
        progress.run(
                Words.of("handoff.making", ShippedNames.shown(set.name())),
                () -> model.run(job, set).make(target, true),
                this::made,
                () -> running = false);
    }

    private void made(HandOffRun.Result result) {
        Path first = result.files().getFirst();
        boolean zip = first.toString().endsWith(".zip");
        desk.notices()
                .say(
                        zip
                                ? Words.of("handoff.packed", first.getFileName())
                                : result.written().isEmpty()
                                        ? Words.of(
                                                "handoff.unchanged",
                                                result.files().size())
                                        : Words.of(
                                                "handoff.made",
                                                result.written().size(),
                                                result.files().size(),
                                                first.toAbsolutePath()
                                                        .getParent()
                                                        .getFileName()));
        tell(result.findings());
    }

    private void tell(List<Finding> findings) {
        findings.stream().findFirst().map(Finding::sentence).ifPresent(desk.notices()::refuse);
    }

    /** Makes the set and publishes it in the shop that is chosen. */
    public void publish() {
        ready().ifPresent(p -> {
            running = true;
            SetPublishing publishing =
                    new SetPublishing(model.run(p.job(), p.set()), p.job().title(), shop.price(), shop.words());
            progress.run(
                    Words.of("handoff.publishing", ShippedNames.shown(p.set().name())),
                    () -> {
                        ShopChoice.Account account = shop.account();
                        SetPublishing.Published done = publishing.publish(account.shop(), account.token(), true);
                        String page = account.shop() + "/";
                        return new Done(page, done);
                    },
                    done -> {
                        int files = done.published().listing().path("files").size();
                        shop.say(Words.of("handoff.published", files, done.page()));
                        desk.notices().say(Words.of("handoff.published", files, done.page()));
                        tell(done.published().findings());
                    },
                    () -> running = false);
        });
    }

    private record Done(String page, SetPublishing.Published published) {}

    /** Makes a set of the job's own, like the one that is looked at. */
    public void newSet() {
        HandOffSet like = model.set();
        String name = Words.of("handoff.ownName", like.name());
        keep(new HandOffSet(name, like.forSale(), like.outputs()), "handoff.newTitle", Optional.empty());
    }

    /** Changes the set that is looked at; one that ships becomes the job's own. */
    public void changeSet() {
        HandOffSet now = model.set();
        keep(now, "handoff.changeTitle", holdsOwnSet() ? Optional.of(now.name()) : Optional.empty());
    }

    private void keep(HandOffSet like, String title, Optional<String> before) {
        questions.handOffSet(like, Words.of(title)).ifPresent(set -> {
            before.filter(b -> !b.equals(set.name())).ifPresent(b -> desk.perform(new RemoveHandOffSet(b)));
            desk.perform(new KeepHandOffSet(set), () -> model.choose(set.name()));
        });
    }

    public void removeSet() {
        String name = model.set().name();
        if (questions.removeSet(name)) {
            desk.perform(new RemoveHandOffSet(name));
        }
    }
}
