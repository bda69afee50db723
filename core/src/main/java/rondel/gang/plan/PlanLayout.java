package rondel.gang.plan;

import java.util.ArrayList;
import java.util.List;
import rondel.gang.copies.DesignContents;
import rondel.job.Plan;
import rondel.job.Way;

/** Works out where a plan puts its copies. */
public final class PlanLayout {

    private PlanLayout() {}

    /** @throws rondel.words.Refusal if a design is not there, has no size, or is larger than the stock */
    public static Layout of(Plan plan, DesignContents contents) {
        boolean both = OtherSide.isMade(plan);
        Layout outside =
                switch (plan.way()) {
                    case Way.Rows r -> new RowsLayout(plan, r, contents, both).lay();
                    case Way.Nest n -> NestLayout.lay(plan, n, contents, both);
                };
        if (!both) {
            return outside;
        }
        List<LaidSheet> all = new ArrayList<>();
        for (LaidSheet s : outside.sheets()) {
            all.add(s);
            all.add(OtherSide.of(s));
        }
        return new Layout(all, outside.left());
    }
}
