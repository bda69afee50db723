package rondel.desktop.app;

import java.util.function.Consumer;

/** A picture of a stage, for the documents.
 *
 * @param name of its file, without the ending
 * @param demo the number of the demo job that it shows
 * @param selected how the name begins of what is selected; nothing where it is empty
 * @param then what else is done before the picture is taken */
record StageShot(String name, int demo, String selected, Consumer<BenchWindow> then) {

    StageShot(String name, int demo, String selected) {
        this(name, demo, selected, window -> {});
    }
}
