package rondel.formats.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Rotate;
import rondel.formats.Fixtures;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Anchor;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Licence;
import rondel.job.Provenance;
import rondel.job.SheetId;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class ShelfTest {

    private static final String DRAWING =
            "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='30mm' viewBox='0 0 40 30'>"
                    + "<path d='M0 0h40v30z'/></svg>";

    @TempDir
    private Path folder;

    private Shelf starter() {
        return StarterShelf.open(folder.resolve("shelf"));
    }

    private static List<String> titles(Shelf shelf, String words) {
        return shelf.search(ShelfQuery.of(words)).stream().map(Thing::title).toList();
    }

    private Path drawing(String name) throws IOException {
        return Files.writeString(folder.resolve(name), DRAWING);
    }

    @Test
    void theArtworkThatShipsIsFoundByTheBeginningsOfItsWords() {
        try (Shelf shelf = starter()) {
            assertThat(shelf.search(ShelfQuery.ALL))
                    .hasSize(Fixtures.demoArtwork().size());
            assertThat(titles(shelf, "octo")).containsExactly("octopus");
            assertThat(titles(shelf, "BIR")).containsExactly("gull", "puffin");
            assertThat(titles(shelf, "saltm anchor")).containsExactly("anchor");
            assertThat(titles(shelf, "zebra")).isEmpty();
            assertThat(titles(shelf, "\"quotes' OR * (")).isEmpty();
            assertThat(shelf.sets()).contains("creatures", "shells").isSorted();
            Thing moon = shelf.thing("paper/moon-phases.svg");
            assertThat(moon.provenance().orElseThrow().licence()).isEqualTo(Licence.PERSONAL_USE);
        }
    }

    @Test
    void othersOfASetAndFavouritesAreFoundAndFavouritesComeFirst() {
        try (Shelf shelf = starter()) {
            Thing whale = shelf.thing("creatures/whale.svg");
            shelf.describe(whale.path(), whale.withFavourite(true));
            List<Thing> creatures = shelf.search(new ShelfQuery("", Optional.of("creatures"), false));
            assertThat(creatures).hasSize(12).allMatch(t -> t.set().equals("creatures"));
            assertThat(creatures.getFirst().title()).isEqualTo("whale");
            assertThat(shelf.search(new ShelfQuery("", Optional.empty(), true))).hasSize(1);
        }
    }

    @Test
    void whatIsToldOfAThingStaysWithTheFolderEvenWhereTheIndexIsLostOrTheFolderIsCopied() throws IOException {
        Provenance from = new Provenance("Harbour Print Swap", "M. Tern", Licence.COMMERCIAL_USE);
        Thing told = Thing.plain("Ünderwater/kelp-frond.svg")
                .withTitle("Kelp frond")
                .withTags(List.of("weed", "ribbon"))
                .withProvenance(Optional.of(from));
        try (Shelf shelf = starter()) {
            shelf.add(drawing("kelp-frond.svg"), told);
        }
        Path copy = folder.resolve("copy");
        copyWithoutIndex(folder.resolve("shelf"), copy);
        try (Shelf shelf = Shelf.open(copy)) {
            assertThat(titles(shelf, "underw rib")).containsExactly("Kelp frond");
            assertThat(shelf.thing("Ünderwater/kelp-frond.svg")).isEqualTo(told);
        }
    }

    private static void copyWithoutIndex(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path p : all.filter(p -> !p.toString().contains(".index")).toList()) {
                Files.copy(p, to.resolve(from.relativize(p).toString()));
            }
        }
    }

    @Test
    void whatOthersChangeInTheFolderIsTakenIn() throws IOException {
        try (Shelf shelf = starter()) {
            Files.copy(drawing("boat.svg"), shelf.folder().resolve("coast/boat.svg"));
            Files.delete(shelf.folder().resolve("coast/anchor.svg"));
            shelf.refresh();
            assertThat(titles(shelf, "boat")).contains("boat");
            assertThat(titles(shelf, "anchor")).isEmpty();
        }
        try (Shelf again = starter()) {
            assertThat(titles(again, "boat")).contains("boat");
        }
    }

    @Test
    void aThingChangesItsSetAndComesOffTheShelfWithoutBeingLost() throws IOException {
        try (Shelf shelf = starter()) {
            Thing crab = shelf.thing("creatures/crab.svg");
            Thing moved = shelf.describe(
                    crab.path(), crab.withPath("Best of tide/crab.svg").withTitle("Red crab"));
            assertThat(shelf.file(moved)).exists();
            assertThat(titles(shelf, "best red")).containsExactly("Red crab");
            assertThatThrownBy(() -> shelf.thing("creatures/crab.svg")).isInstanceOf(Refusal.class);
            shelf.takeOff(moved.path());
            assertThat(titles(shelf, "crab")).isEmpty();
            assertThat(shelf.folder().resolve(".taken-off/Best of tide/crab.svg"))
                    .exists();
        }
    }

    @Test
    void twoOfTheSameNameBothStayAndBadOnesAreRefusedWithASentence() throws IOException {
        try (Shelf shelf = starter()) {
            Path file = drawing("shell.svg");
            Thing first = shelf.add(file, Thing.plain("shells/shell.svg"));
            Thing second = shelf.add(file, Thing.plain("shells/shell.svg"));
            assertThat(first.path()).isEqualTo("shells/shell.svg");
            assertThat(second.path()).isEqualTo("shells/shell-2.svg");
            Path text = Files.writeString(folder.resolve("notes.txt"), "no artwork");
            assertThatThrownBy(() -> shelf.add(text, Thing.plain("notes.txt"))).hasMessageContaining("notes.txt");
            assertThatThrownBy(() -> shelf.add(file, Thing.plain("../out/shell.svg")))
                    .isInstanceOf(Refusal.class);
            assertThatThrownBy(() -> shelf.add(file, Thing.plain(".index/shell.svg")))
                    .isInstanceOf(Refusal.class);
            Files.writeString(shelf.folder().resolve("shells/about.json"), "{ not json");
            shelf.refresh();
            assertThat(shelf.notices()).singleElement().asString().contains("about.json");
            assertThatThrownBy(() -> shelf.add(file, Thing.plain("shells/shell.svg")))
                    .as("what is told there is not written over")
                    .hasMessageContaining("about.json");
        }
    }

    @Test
    void anArrangementGoesBackOnTheShelfAndComesOffItAsItWas() {
        Artwork crab =
                Fixtures.demo("creatures/crab.svg").told("crab", Optional.of(new Provenance("", "A", Licence.OWN)));
        Artwork moon = Fixtures.demo("paper/moon-phases.svg")
                .told("moon", Optional.of(new Provenance("", "B", Licence.PERSONAL_USE)));
        Job job = Job.blank("Page", LengthUnit.IN, 304.8, 304.8);
        SheetId sheet = job.sheets().getFirst().id();
        job = ArtworkPlacement.CENTRED.onto(job.sheet(sheet), crab).operation().apply(job);
        job = ArtworkPlacement.CENTRED.onto(job.sheet(sheet), moon).operation().apply(job);
        List<ElementId> both =
                job.sheet(sheet).elements().stream().map(Element::id).toList();
        job = new Group(both, "Tide cluster").apply(job);
        List<ElementId> cluster = List.of(job.sheet(sheet).elements().getFirst().id());
        job = new Rotate(cluster, 30, Anchor.CENTRE).apply(job);
        var box = Extent.onSheet(job.located(cluster.getFirst())).orElseThrow();
        try (Shelf shelf = starter()) {
            Thing saved = Arrangement.of(job, cluster, "Tide cluster")
                    .onto(shelf, "Mine", List.of("corner"), Fixtures.PICTURES);
            assertThat(titles(shelf, "corner")).containsExactly("Tide cluster");
            assertThat(saved.provenance()).contains(new Provenance("", "A, B", Licence.PERSONAL_USE));
            Artwork back = new ArtworkReader(Fixtures.FONTS).read(shelf.file(saved));
            assertThat(back.width()).isCloseTo(box.width(), within(1e-9));
            assertThat(back.height()).isCloseTo(box.height(), within(1e-9));
            assertThat(back.asElement().children()).hasSize(2);
            assertThat(back.asElement().children().getFirst().traits().provenance())
                    .isPresent();
        }
    }

    @Test
    void aDamagedIndexIsMadeAnew() throws Exception {
        starter().close();
        Path index = folder.resolve("shelf/.index/shelf.sqlite");
        byte[] bytes = Files.readAllBytes(index);
        Arrays.fill(bytes, 100, bytes.length, (byte) 0x5a);
        Files.write(index, bytes);
        try (Shelf shelf = starter()) {
            assertThat(titles(shelf, "octo")).containsExactly("octopus");
        }
        Files.writeString(index, "no database at all");
        try (Shelf shelf = starter()) {
            assertThat(titles(shelf, "octo")).containsExactly("octopus");
            assertThat(shelf.notices()).isEmpty();
        }
    }

    @Test
    void oneBadAboutFileIsSaidAndTheRestIsThere() throws Exception {
        try (Shelf shelf = starter()) {
            shelf.add(drawing("kite.svg"), Thing.plain("kite.svg").withPath("toys/kite.svg"));
        }
        Files.writeString(folder.resolve("shelf/toys/about.json"), "{ torn");
        try (Shelf shelf = starter()) {
            assertThat(shelf.notices()).singleElement().asString().contains("about.json");
            assertThat(titles(shelf, "octo")).containsExactly("octopus");
            assertThat(titles(shelf, "kite")).as("by its file's name").containsExactly("kite");
        }
        assertThat(folder.resolve("shelf/toys/about.json")).hasContent("{ torn");
    }

    @Test
    void twoThatAddAtTheSameTimeBothDo() throws Exception {
        Path kite = drawing("kite.svg");
        try (Shelf one = starter();
                Shelf other = starter()) {
            List<Callable<Thing>> adding = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                Shelf shelf = i % 2 == 0 ? one : other;
                adding.add(() -> shelf.add(kite, Thing.plain("kite.svg").withTitle("Kite")));
            }
            try (ExecutorService threads = Executors.newFixedThreadPool(4)) {
                for (Future<Thing> added : threads.invokeAll(adding)) {
                    assertThat(added.get().title()).isEqualTo("Kite");
                }
            }
            one.refresh();
            assertThat(titles(one, "kite")).hasSize(12);
        }
    }
}
