package rondel.job;

import java.util.List;
import java.util.Map;
import rondel.units.LengthUnit;

/** A job while one of its parts is put in the place of another; nobody else sees it. */
final class JobDraft {

    String title;
    LengthUnit unit;
    boolean linesScale;
    List<Swatch> palette;
    List<RoleRule> roleRules;
    List<RoleLook> roleLooks;
    PictureBounds picturesBy;
    List<Sheet> sheets;
    List<Plan> plans;
    List<NameList> lists;
    RunSettings run;
    List<HandOffSet> handOff;
    Map<MediaId, Media> media;
    long nextNumber;
    Extras extras;

    JobDraft(Job job) {
        title = job.title();
        unit = job.unit();
        linesScale = job.linesScale();
        palette = job.palette();
        roleRules = job.roleRules();
        roleLooks = job.roleLooks();
        picturesBy = job.picturesBy();
        sheets = job.sheets();
        plans = job.plans();
        lists = job.lists();
        run = job.run();
        handOff = job.handOff();
        media = job.media();
        nextNumber = job.nextNumber();
        extras = job.extras();
    }

    Job made() {
        return new Job(
                title,
                unit,
                linesScale,
                palette,
                roleRules,
                roleLooks,
                picturesBy,
                sheets,
                plans,
                lists,
                run,
                handOff,
                media,
                nextNumber,
                extras);
    }
}
