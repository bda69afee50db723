package rondel.launcher.demo;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;

/** Writes the demo jobs that are made by operations alone. Run it after a change to what they are made of. */
public final class MakeDemoJobs {

    private MakeDemoJobs() {}

    static Map<String, Supplier<Job>> jobs() {
        Map<String, Supplier<Job>> jobs = new LinkedHashMap<>();
        jobs.put("planner-stickers", PlannerStickers::make);
        jobs.put("scrapbook-page", ScrapbookPage::make);
        jobs.put("tide-card", TideCard::make);
        jobs.put("boat-boxes", BoatBoxes::make);
        jobs.put("sticker-sheet", StickerSheet::make);
        jobs.put("shell-whale", ShellWhale::make);
        jobs.put("lettering-sign", LetteringSign::make);
        jobs.put("photo-stickers", PhotoStickers::make);
        jobs.put("salt-jar-tags", SaltJarTags::make);
        jobs.put("nested-leaves", NestedLeaves::make);
        jobs.put("sticker-run", StickerRun::make);
        jobs.put("name-plate", NamePlate::make);
        jobs.put("whale-patch", WhalePatch::make);
        return jobs;
    }

    /** @param args the folder to write to */
    public static void main(String[] args) {
        jobs().forEach((name, job) ->
                JobFile.write(job.get(), Path.of(args[0]).resolve(name + ".rondel"), PictureLevels.usual()));
    }
}
