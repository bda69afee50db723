package rondel.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import picocli.CommandLine.Option;
import rondel.formats.files.Replacing;
import rondel.words.Refusal;
import rondel.words.Words;

/** Whether a command may write over what is there: only if that is said, and never over what it reads. */
public final class Overwriting {

    @Option(names = "--force")
    private boolean force;

    /** @throws Refusal if the target is one of the inputs, or is there and {@code --force} is not said */
    public Replacing check(Path target, Collection<Path> inputs) {
        for (Path input : inputs) {
            if (same(input, target)) {
                throw Refusal.of("file.isInput", target);
            }
        }
        if (!force && Files.exists(target)) {
            throw Refusal.of("file.exists", target);
        }
        return force ? Replacing.ANYTHING : Replacing.NOTHING;
    }

    static boolean same(Path a, Path b) {
        try {
            return Files.exists(a) && Files.exists(b) && Files.isSameFile(a, b);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", a, e.getMessage()), e);
        }
    }
}
