package rondel.desktop.files;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import rondel.formats.versions.VersionStore;
import rondel.job.Job;
import rondel.paint.PictureSource;
import rondel.words.Refusal;

/** A save, with a version kept of what it wrote, and of what was there before, unless that is kept already.
 *
 * @param problem the sentence on why a version could not be kept; the save itself is done */
record KeptSave(HeldFile file, Optional<String> problem) {

    /** @param beside whether versions of a job that is saved for the first time are kept beside it
     * @throws Refusal if the job can't be saved */
    static KeptSave of(Job job, Path file, Optional<HeldFile> before, PictureSource pictures, boolean beside) {
        VersionStore versions = VersionStore.of(file);
        boolean there = Files.isRegularFile(file);
        Optional<String> first = there ? kept(versions) : Optional.empty();
        if (!there && beside) {
            versions.keepBeside(true);
        }
        HeldFile saved = HeldFile.saved(job, file, before, pictures);
        return new KeptSave(saved, kept(versions).or(() -> first));
    }

    /** A save of which no version is kept.
     *
     * @throws Refusal if the job can't be saved */
    static KeptSave withoutVersion(Job job, Path file, Optional<HeldFile> before, PictureSource pictures) {
        return new KeptSave(HeldFile.saved(job, file, before, pictures), Optional.empty());
    }

    private static Optional<String> kept(VersionStore versions) {
        try {
            versions.keep();
            return Optional.empty();
        } catch (Refusal why) {
            return Optional.of(why.getMessage());
        }
    }
}
