package rondel.text;

import java.io.IOException;
import java.io.InputStream;
import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.ValueLayout;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.lwjgl.system.Configuration;
import org.lwjgl.system.Platform;
import org.lwjgl.util.harfbuzz.HarfBuzz;
import rondel.words.Refusal;
import rondel.words.Words;

/**
 * Loads HarfBuzz so that it and the system's own HarfBuzz can live in one process, whichever comes first.
 *
 * <p>On Linux the toolkit brings the system's HarfBuzz with it (GTK and Pango need it), and both are called
 * {@code libharfbuzz.so.0} and export the same symbols. The dynamic linker (ELF gABI, "Shared Object Dependencies") then
 * binds the one that comes second to the one that came first: Pango misses functions, or ours calls into another version
 * and crashes. So ours gets a name of its own in a copy of the file, and the copy is opened with {@code RTLD_DEEPBIND}
 * (dlopen(3)), which has it look for symbols in itself first. macOS and Windows bind libraries to their own symbols.
 */
final class HarfBuzzLibrary {

    /** dlopen(3) in glibc, {@code bits/dlfcn.h}. */
    private static final int RTLD_NOW = 2;

    private static final int RTLD_LOCAL = 0;
    private static final int RTLD_DEEPBIND = 8;

    private static final byte[] SYSTEM_NAME = name("libharfbuzz.so.0");
    private static final byte[] OWN_NAME = name("librondelhb.so.0");

    private HarfBuzzLibrary() {}

    /** Loads it, unless it is loaded. To be called before anything of HarfBuzz.
     *
     * @throws Refusal if it can't be */
    static void load() {
        if (Loaded.FAILURE != null) {
            throw new Refusal(Words.of("font.noLibrary", Loaded.FAILURE.getMessage()), Loaded.FAILURE);
        }
    }

    /** Loads once, when it is first asked for. */
    private static final class Loaded {
        static final Throwable FAILURE = failure();

        private static Throwable failure() {
            try {
                if (Platform.get() == Platform.LINUX && Configuration.HARFBUZZ_LIBRARY_NAME.get() == null) {
                    loadUnderOwnName();
                }
                HarfBuzz.hb_version_string();
                return null;
            } catch (IOException | LinkageError e) {
                return e;
            }
        }
    }

    private static void loadUnderOwnName() throws IOException {
        byte[] library = renamed(shipped());
        Path copy = Files.createTempFile("librondelhb", ".so");
        try {
            Files.write(copy, library);
            open(copy);
            Configuration.HARFBUZZ_LIBRARY_NAME.set(copy.toString());
            HarfBuzz.hb_version_string();
        } finally {
            Files.delete(copy);
        }
    }

    private static byte[] shipped() throws IOException {
        String processor =
                switch (Platform.getArchitecture()) {
                    case ARM64 -> "arm64";
                    default -> "x64";
                };
        String resource = "/linux/" + processor + "/org/lwjgl/harfbuzz/libharfbuzz.so";
        try (InputStream in = HarfBuzz.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IOException(resource);
            }
            return in.readAllBytes();
        }
    }

    /** The library with its name of its own in its string table. The names are as long, so nothing moves. */
    static byte[] renamed(byte[] library) throws IOException {
        int found = -1;
        for (int i = 0; i + SYSTEM_NAME.length <= library.length; i++) {
            if (matches(library, i)) {
                if (found >= 0) {
                    throw new IOException("two names in libharfbuzz.so");
                }
                found = i;
            }
        }
        if (found < 0) {
            throw new IOException("no name in libharfbuzz.so");
        }
        byte[] copy = library.clone();
        System.arraycopy(OWN_NAME, 0, copy, found, OWN_NAME.length);
        return copy;
    }

    private static boolean matches(byte[] library, int at) {
        for (int i = 0; i < SYSTEM_NAME.length; i++) {
            if (library[at + i] != SYSTEM_NAME[i]) {
                return false;
            }
        }
        return true;
    }

    /** Opens a library bound to itself; LWJGL then gets the same one when it opens the same file. */
    @SuppressWarnings("restricted")
    private static void open(Path file) throws IOException {
        Linker linker = Linker.nativeLinker();
        MemorySegment function = linker.defaultLookup().findOrThrow("dlopen");
        FunctionDescriptor signature =
                FunctionDescriptor.of(ValueLayout.ADDRESS, ValueLayout.ADDRESS, ValueLayout.JAVA_INT);
        try (Arena arena = Arena.ofConfined()) {
            MemorySegment handle = (MemorySegment) linker.downcallHandle(function, signature)
                    .invokeExact(arena.allocateFrom(file.toString()), RTLD_NOW | RTLD_LOCAL | RTLD_DEEPBIND);
            if (handle.address() == 0) {
                throw new IOException("dlopen " + file);
            }
        } catch (IOException | RuntimeException | Error e) {
            throw e;
        } catch (Throwable e) {
            throw new IOException(e);
        }
    }

    /** As an ELF string table holds it: between zero bytes. */
    private static byte[] name(String text) {
        return ("\0" + text + "\0").getBytes(StandardCharsets.US_ASCII);
    }
}
