package rondel.launcher.screen;

import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.SymbolLookup;
import java.lang.foreign.ValueLayout;

/** Where an X display's keys go (Xlib, 10.6 "Controlling Input Focus"): a display without a window manager has nobody who
 *  would give them to a dialog that opens. */
final class KeyboardFocus {

    private static final long POINTER_ROOT = 1;
    private static final int REVERT_TO_POINTER_ROOT = 1;
    private static final long CURRENT_TIME = 0;

    private KeyboardFocus() {}

    /** Has keys go to the window that is under the pointer. */
    @SuppressWarnings("restricted")
    static void followPointer() throws Exception {
        Linker linker = Linker.nativeLinker();
        try (Arena arena = Arena.ofConfined()) {
            SymbolLookup xlib = SymbolLookup.libraryLookup("libX11.so.6", arena);
            var open = linker.downcallHandle(
                    xlib.findOrThrow("XOpenDisplay"), FunctionDescriptor.of(ValueLayout.ADDRESS, ValueLayout.ADDRESS));
            var focus = linker.downcallHandle(
                    xlib.findOrThrow("XSetInputFocus"),
                    FunctionDescriptor.of(
                            ValueLayout.JAVA_INT,
                            ValueLayout.ADDRESS,
                            ValueLayout.JAVA_LONG,
                            ValueLayout.JAVA_INT,
                            ValueLayout.JAVA_LONG));
            var close = linker.downcallHandle(
                    xlib.findOrThrow("XCloseDisplay"),
                    FunctionDescriptor.of(ValueLayout.JAVA_INT, ValueLayout.ADDRESS));
            MemorySegment display = (MemorySegment) open.invokeExact(MemorySegment.NULL);
            int set = (int) focus.invokeExact(display, POINTER_ROOT, REVERT_TO_POINTER_ROOT, CURRENT_TIME);
            int closed = (int) close.invokeExact(display);
        } catch (Throwable e) {
            throw new IllegalStateException("the display's keys", e);
        }
    }
}
