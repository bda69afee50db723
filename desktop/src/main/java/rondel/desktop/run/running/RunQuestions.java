package rondel.desktop.run.running;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import rondel.job.Hoop;
import rondel.job.Material;
import rondel.job.MaterialRule;
import rondel.job.PassKey;
import rondel.job.Rgba;
import rondel.run.passes.Pass;
import rondel.run.stitch.SewingThread;

/** Questions of the Run stage that the person must answer before something goes on: by dialogs, or by what a test says. */
public interface RunQuestions {

    /** Which pass is meant.
     *
     * @param title of the question
     * @param go what the answer does */
    Optional<PassKey> pass(List<Pass> passes, String title, String go);

    /** A new material.
     *
     * @param like one that has its figures to begin with */
    Optional<Material> material(Material like);

    /** What is made of what.
     *
     * @param now the rules that there are
     * @param about what rules can be said of: a colour or a role each, their material being of no account */
    Optional<List<MaterialRule>> materialRules(
            List<MaterialRule> now, List<Material> materials, List<MaterialRule> about);

    /** One of the materials.
     *
     * @param title of the question */
    Optional<Material> oneOf(List<Material> materials, String title);

    /** A picture of the printed sheet. */
    Optional<Path> scan();

    /** Where a pass is written to.
     *
     * @param suggested its file name */
    Optional<Path> passTarget(String suggested);

    /** What was measured of a printer's test page, as width and height in mm.
     *
     * @param square its side as it should be, in mm */
    Optional<double[]> measured(double square);

    /** A hoop: one of those that ship, or of another size.
     *
     * @param now the one that is used */
    Optional<Hoop> hoop(List<Hoop> shipped, Optional<Hoop> now);

    /** A thread to keep.
     *
     * @param colour to begin with */
    Optional<SewingThread> thread(Optional<Rgba> colour);
}
