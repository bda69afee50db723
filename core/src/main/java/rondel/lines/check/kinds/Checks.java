package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.progress.Advance;
import rondel.progress.Cancellation;

/** All checks there are. */
public final class Checks {

    private static final List<Check> ALL = List.of(
            new Unpaintable(),
            new LiveText(),
            new OpenCut(),
            new DoubledCut(),
            new CloseCuts(),
            new SelfCrossing(),
            new SmallPiece(),
            new HardForABlade(),
            new OffTheSheet(),
            new FewPixels(),
            new HiddenWithARole(),
            new MissingFont(),
            new EmptySlot(),
            new NothingToCut(),
            new TransparentStroke(),
            new NotForSale());

    private Checks() {}

    /** Everything that is found, what matters most first. */
    public static List<Finding> of(Checked job) {
        List<Finding> found = new ArrayList<>();
        for (Check check : ALL) {
            Cancellation.check();
            Advance.to(ALL.indexOf(check), ALL.size());
            found.addAll(check.of(job));
        }
        found.sort(Comparator.comparing(Finding::severity));
        return found;
    }
}
