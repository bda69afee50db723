package rondel.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Move;
import rondel.desktop.app.BenchWindow;
import rondel.desktop.app.Dialogs;
import rondel.desktop.app.SystemFileChoices;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Notices;
import rondel.desktop.desk.Workers;
import rondel.desktop.files.DemoJobs;
import rondel.desktop.look.Theme;
import rondel.desktop.model.Bench;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.StarterShelf;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.lines.halo.MakeHalo;

/** What the toolkit's thread works in a frame while a sheet is edited, against a frame of the same window at rest, and how long it takes until what follows
 *  from an edit has arrived. 95th percentiles, in the real window on the Headless platform. */
final class EditFrames {

    private static final int FRAMES = 120;

    /** A key that is held repeats about thirty times a second: every second frame. */
    private static final int EVERY = 2;

    private static final double MOST = 1.5;
    private static final double SOON = 150;
    private static final int HALOED = 300;

    private final List<rondel.bench.Bench.Row> rows = new ArrayList<>();
    private final CountDownLatch done = new CountDownLatch(1);
    private final Path shelf;
    private BenchWindow window;
    private Bench bench;
    private Desk desk;

    /** A sheet to be edited. */
    private record Sheeted(String name, Job job) {}

    private EditFrames(Path shelf) {
        this.shelf = shelf;
    }

    static List<rondel.bench.Bench.Row> rows() throws Exception {
        EditFrames frames =
                new EditFrames(Files.createTempDirectory("rondel-bench").resolve("shelf"));
        List<Sheeted> sheets = List.of(
                new Sheeted("sticker sheet", demo("sticker-sheet")),
                new Sheeted("1,000 shapes", Outlines.job(1_000)),
                new Sheeted("300 haloed", haloed()),
                new Sheeted("10,000 elements", Outlines.job(10_000)),
                new Sheeted("50,000 elements", Outlines.job(50_000)));
        try {
            Platform.startup(() -> frames.open(sheets));
        } catch (IllegalStateException e) {
            Platform.runLater(() -> frames.open(sheets));
        }
        frames.done.await();
        return frames.rows;
    }

    private static Job demo(String name) {
        return new DemoJobs.DemoJob(name).read();
    }

    private static Job haloed() {
        Job job = Outlines.job(HALOED);
        List<ElementId> all =
                job.sheets().getFirst().elements().stream().map(Element::id).toList();
        return WhatFollows.editing()
                .apply(
                        new MakeHalo(
                                all,
                                HaloSettings.USUAL,
                                OptionalDouble.empty(),
                                MakeHalo.Spread.EACH,
                                OptionalDouble.of(MakeHalo.USUAL_GAP)),
                        job);
    }

    private void open(List<Sheeted> sheets) {
        Theme.install();
        Workers workers = new Workers();
        bench = new Bench(sheets.getFirst().job, workers.edits());
        Notices notices = new Notices();
        Stage stage = new Stage();
        desk = new Desk(bench, workers, PictureLevels.usual(), notices);
        window = new BenchWindow(
                desk,
                new SystemFileChoices(() -> stage),
                new Dialogs(() -> stage, notices),
                new ArtworkReader(new ShippedFonts()),
                () -> StarterShelf.open(shelf));
        stage.setScene(new Scene(window, 1280, 800));
        stage.show();
        next(sheets, 0);
    }

    private void next(List<Sheeted> sheets, int at) {
        if (at == sheets.size()) {
            done.countDown();
            return;
        }
        String name = sheets.get(at).name;
        bench.open(sheets.get(at).job, java.util.Optional.empty());
        FrameTimes.calm(
                window,
                () -> FrameTimes.measure(FRAMES, i -> {}, rest -> {
                    double idle = FrameTimes.percentile(rest);
                    Runnable go = () -> {
                        selectFirst();
                        nudge(nudged -> {
                            row("nudge, " + name, nudged, idle);
                            width(typed -> {
                                row("typed width, " + name, typed, idle);
                                drag(dragged -> {
                                    row("drag, " + name, dragged, idle);
                                    selectAll(all -> {
                                        row("select all and none, " + name, all, idle);
                                        pan(panned -> {
                                            row("pan, " + name, panned, idle);
                                            save(saved -> {
                                                row("while it is saved, " + name, saved, idle);
                                                arrivals(name, () -> next(sheets, at + 1));
                                            });
                                        });
                                    });
                                });
                            });
                        });
                    };
                    // The first time lets the JDK compile what it takes.
                    selectFirst();
                    nudge(a -> width(b -> drag(c -> selectAll(d -> go.run()))));
                }));
    }

    private void row(String name, double[] times, double idle) {
        rows.add(new rondel.bench.Bench.Row("work in a frame: " + name, FrameTimes.percentile(times), idle, MOST));
    }

    private void selectFirst() {
        bench.select(List.of(bench.level().getFirst().id()));
    }

    private void nudge(Consumer<double[]> then) {
        FrameTimes.measureWork(
                FRAMES,
                i -> {
                    if (i % EVERY == 0) {
                        window.commands()
                                .get(i % (4 * EVERY) < 2 * EVERY ? "nudgeRight" : "nudgeLeft")
                                .run();
                    }
                },
                times -> FrameTimes.calm(window, () -> then.accept(times)));
    }

    private void width(Consumer<double[]> then) {
        TextField field = (TextField) window.lookup("#width");
        double now = box().width();
        FrameTimes.measureWork(
                FRAMES,
                i -> {
                    if (i % (10 * EVERY) == 0) {
                        field.setText(now * (1 + (i / (10 * EVERY)) % 2 * 0.01) + " mm");
                        field.fireEvent(new javafx.event.ActionEvent());
                    }
                },
                times -> FrameTimes.calm(window, () -> then.accept(times)));
    }

    private void drag(Consumer<double[]> then) {
        Point start = window.sheet().viewport().toScreen(box().centre());
        fire(MouseEvent.MOUSE_PRESSED, start);
        FrameTimes.measureWork(
                FRAMES, i -> fire(MouseEvent.MOUSE_DRAGGED, start.plus(8 + i % 60, 5 + i % 40)), times -> {
                    fire(MouseEvent.MOUSE_RELEASED, start.plus(8, 5));
                    FrameTimes.calm(window, () -> then.accept(times));
                });
    }

    private void selectAll(Consumer<double[]> then) {
        FrameTimes.measureWork(
                FRAMES,
                i -> {
                    if (i % 10 == 0) {
                        if (i % 20 == 0) {
                            bench.selectAll();
                        } else {
                            bench.selectNothing();
                        }
                    }
                },
                times -> FrameTimes.calm(window, () -> {
                    selectFirst();
                    FrameTimes.calm(window, () -> then.accept(times));
                }));
    }

    private void pan(Consumer<double[]> then) {
        FrameTimes.measureWork(
                FRAMES,
                i -> window.sheet().look(window.sheet().viewport().panned(i % 120 < 60 ? 6 : -6, i % 80 < 40 ? 4 : -4)),
                times -> FrameTimes.calm(window, () -> then.accept(times)));
    }

    private void save(Consumer<double[]> then) {
        Job job = bench.job();
        Path file = shelf.resolveSibling("saved.rondel");
        desk.inBackground(() -> {
            JobFile.write(job, file, PictureLevels.usual());
            return file;
        });
        FrameTimes.measureWork(FRAMES, i -> {}, times -> FrameTimes.calm(window, () -> then.accept(times)));
    }

    /** From asking for an edit until what follows from it is there, one thing after another. */
    private void arrivals(String name, Runnable then) {
        List<ElementId> artwork = bench.level().stream()
                .filter(e -> e.traits().link().isEmpty())
                .map(Element::id)
                .limit(60)
                .toList();
        List<Double> times = new ArrayList<>();
        arrival(artwork, 0, times, () -> {
            double[] all = times.stream().mapToDouble(Double::doubleValue).toArray();
            rows.add(new rondel.bench.Bench.Row(
                    "until what follows has arrived in ms, " + name, FrameTimes.percentile(all), SOON, 1));
            then.run();
        });
    }

    private void arrival(List<ElementId> artwork, int at, List<Double> times, Runnable then) {
        if (at == artwork.size()) {
            then.run();
            return;
        }
        long start = System.nanoTime();
        bench.perform(new Move(List.of(artwork.get(at)), 0.25, 0));
        bench.whenSettled(() -> {
            times.add((System.nanoTime() - start) / 1e6);
            Platform.runLater(() -> arrival(artwork, at + 1, times, then));
        });
    }

    private Box box() {
        return Extent.onSheet(bench.selected().getFirst()).orElseThrow();
    }

    private void fire(EventType<MouseEvent> type, Point at) {
        new SheetPointer(window).fire(type, at);
    }
}
