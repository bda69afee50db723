package rondel.job;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.geometry.Box;

/** What a sheet of stock has from the plan that laid it out.
 *
 * @param number of the sheet in the plan, from 0; both sides of a sheet have the same
 * @param inside whether it is the other side of the sheet before it
 * @param usable what of it can be used, in mm on the sheet */
public record PlannedSheet(
        PlanId plan, int number, @LeftOut("false") boolean inside, Box usable) {

    /** The sheets that a plan has made, in the order of the job. */
    public static List<Sheet> sheetsOf(Job job, PlanId plan) {
        return job.sheets().stream().filter(s -> s.isOf(plan)).toList();
    }
}
