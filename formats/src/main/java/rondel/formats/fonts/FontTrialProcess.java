package rondel.formats.fonts;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import rondel.text.FontTrial;

/** A program of its own that tries fonts: reads their files' names, one a line, and says a word for each once it is done with it. What ends it was
 *  the one before. */
public final class FontTrialProcess {

    /** All was done with it. */
    static final String DONE = "done";

    private FontTrialProcess() {}

    public static void main(String[] args) throws IOException {
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String file = in.readLine(); file != null; file = in.readLine()) {
            try {
                FontTrial.use(file);
            } catch (RuntimeException e) {
                // What is refused here is refused there: it is what can't be refused that is looked for.
                System.err.println(e.getMessage());
            }
            System.out.println(DONE);
        }
    }
}
