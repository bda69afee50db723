package rondel.bench.soak;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import rondel.catalogue.SampleJob;
import rondel.formats.files.WholeFolder;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;
import rondel.words.Refusal;

/** Saves where it can't be saved, under names of every script, and with a clock that was set back: every one ends in a sentence, leaves what was there, and nothing half done beside it. */
final class SavePlaces implements SoakPart {

    private final PictureLevels pictures = PictureLevels.usual();
    private Path folder;
    private List<String> faults;

    private interface Saving {
        void save() throws IOException;
    }

    @Override
    public Outcome run(int count, long seed) throws Exception {
        folder = Files.createTempDirectory("rondel-places");
        faults = new ArrayList<>();
        targets(ChildJava.command(
                ChildJava.SMALL, FullDisk.class, folder.resolve("there.rondel").toString()));
        OddNames names = new OddNames(Files.createDirectories(folder.resolve("names")));
        faults.addAll(names.faults());
        faults.addAll(new ClockSetBack(Files.createDirectories(folder.resolve("clock"))).faults());
        WholeFolder.delete(folder);
        return new Outcome(names.said(), faults);
    }

    private void targets(List<String> java) throws Exception {
        Job job = SampleJob.make();
        Path file = folder.resolve("there.rondel");
        JobFile.write(job, file, pictures);
        Job other = job.withTitle("other");
        if (Files.getFileStore(folder).supportsFileAttributeView("posix")) {
            var usual = Files.getPosixFilePermissions(file);
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
            refused("read-only", file, () -> JobFile.write(other, file, pictures));
            Files.setPosixFilePermissions(file, usual);
        }
        try (FileChannel held = FileChannel.open(file, StandardOpenOption.WRITE)) {
            held.lock();
            refused("locked", file, () -> JobFile.write(other, file, pictures));
        }
        refused("vanished", file, () -> JobFile.write(other, folder.resolve("gone/x.rondel"), pictures));
        refused("folder", file, () -> JobFile.write(other, Files.createDirectories(folder.resolve("d")), pictures));
        full(file, java);
    }

    private void refused(String what, Path there, Saving saving) throws IOException {
        byte[] before = Files.readAllBytes(there);
        try {
            saving.save();
            faults.add("save to " + what + ": nothing was said");
        } catch (Refusal e) {
            if (e.getMessage().isBlank()) {
                faults.add("save to " + what + ": no sentence");
            }
        } catch (RuntimeException | IOException e) {
            faults.add("save to " + what + ": " + e);
        }
        unchanged(what, there, before);
    }

    private void unchanged(String what, Path there, byte[] before) throws IOException {
        if (!Arrays.equals(before, Files.readAllBytes(there))) {
            faults.add("save to " + what + ": the old file is changed");
        }
        try (var all = Files.list(folder)) {
            if (all.anyMatch(f -> f.toString().endsWith(".part"))) {
                faults.add("save to " + what + ": half a file is left");
            }
        }
    }

    /** A disk without room, by the shell's limit on the size of files. */
    private void full(Path there, List<String> java) throws Exception {
        byte[] before = Files.readAllBytes(there);
        List<String> command = new ArrayList<>(List.of("bash", "-c", "ulimit -f 2; exec \"$@\"", "full"));
        command.addAll(java);
        Process p = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(p.getInputStream().readAllBytes());
        if (p.waitFor() != 0) {
            faults.add("save to a full disk: " + said.strip());
        }
        unchanged("a full disk", there, before);
    }

    /** Saves and exports where there is no room; exits with 0 if that ends in sentences. */
    static final class FullDisk {
        public static void main(String[] args) {
            String title = new java.util.Random(1)
                    .ints(20_000, '!', '~')
                    .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                    .toString();
            try {
                JobFile.write(SampleJob.make().withTitle(title), Path.of(args[0]), PictureLevels.usual());
                System.out.println("nothing was said");
                System.exit(1);
            } catch (Refusal e) {
                System.out.println(e.getMessage());
                System.exit(0);
            }
        }
    }
}
