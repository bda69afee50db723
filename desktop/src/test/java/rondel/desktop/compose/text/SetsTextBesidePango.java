package rondel.desktop.compose.text;

import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.ValueLayout;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.text.Text;
import rondel.formats.fonts.ShippedFonts;
import rondel.text.FontFace;
import rondel.text.GlyphCatalogue;
import rondel.text.Shaper;

/** A program of its own that sets text in one process with the system's text libraries, in one order or the other: with
 *  {@code system} they are there first, as when a window opens before text is set. */
final class SetsTextBesidePango {

    static final int NO_SYSTEM_LIBRARIES = 3;
    static final String DONE = "all set";

    /** dlopen(3) in glibc: what GTK does to the process when the toolkit loads it. */
    private static final int RTLD_NOW_GLOBAL = 2 | 0x100;

    private static final List<String> SYSTEM = List.of("libharfbuzz.so.0", "libpangoft2-1.0.so.0");

    private SetsTextBesidePango() {}

    public static void main(String[] args) throws Throwable {
        if (args[0].equals("system")) {
            openSystemLibraries();
            setText();
            measureInTheWindow();
        } else {
            setText();
            openSystemLibraries();
            measureInTheWindow();
        }
        setText();
        System.out.println(DONE);
        System.exit(0);
    }

    @SuppressWarnings("restricted")
    private static void openSystemLibraries() throws Throwable {
        Linker linker = Linker.nativeLinker();
        var dlopen = linker.downcallHandle(
                linker.defaultLookup().findOrThrow("dlopen"),
                FunctionDescriptor.of(ValueLayout.ADDRESS, ValueLayout.ADDRESS, ValueLayout.JAVA_INT));
        try (Arena arena = Arena.ofConfined()) {
            for (String name : SYSTEM) {
                MemorySegment handle = (MemorySegment) dlopen.invokeExact(arena.allocateFrom(name), RTLD_NOW_GLOBAL);
                if (handle.address() == 0) {
                    System.exit(NO_SYSTEM_LIBRARIES);
                }
            }
        }
    }

    private static void setText() {
        for (FontFace face : new ShippedFonts().get().faces()) {
            var run = Shaper.shape(face, "Salt & tide", 0);
            GlyphCatalogue catalogue = new GlyphCatalogue(face);
            int glyph = run.glyphs().getFirst().glyph();
            var outline =
                    catalogue.outlines(List.of(catalogue.glyphs().get(glyph))).getFirst();
            if (run.advance() < 1 || outline.isEmpty()) {
                throw new IllegalStateException("nothing set in " + face.family());
            }
        }
    }

    private static void measureInTheWindow() throws InterruptedException {
        CountDownLatch measured = new CountDownLatch(1);
        AtomicReference<Double> width = new AtomicReference<>(0.0);
        Platform.startup(() -> {
            width.set(new Text("Salt & tide").getLayoutBounds().getWidth());
            measured.countDown();
        });
        if (!measured.await(60, TimeUnit.SECONDS) || width.get() < 10) {
            throw new IllegalStateException("the window's text measures " + width.get());
        }
    }
}
