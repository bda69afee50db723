package rondel.lines.check;

import java.util.List;

/** One thing to look for in a job before it is made. */
public interface Check {

    List<Finding> of(Checked job);
}
