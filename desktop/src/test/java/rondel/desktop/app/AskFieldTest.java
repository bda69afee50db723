package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import rondel.desktop.ask.AskIndex;
import rondel.desktop.command.Command;
import rondel.geometry.shape.BoxShape;
import rondel.job.ShapeElement;

/** Whatever is wanted is found by asking for it in one's own words. */
class AskFieldTest extends BenchFixture {

    /** Plain questions, and a command that is meant. */
    private static final String[][] QUESTIONS = {
        {"make it smaller", "smaller"},
        {"cut around", "halo"},
        {"same distance", "evenGapsAcross"},
        {"put in front", "toFront"},
        {"two colours", "recolour"},
        {"write something", "addText"},
        {"copy it", "duplicate"},
        {"throw away", "delete"},
        {"go back", "undo"},
        {"turn it", "turnRight"},
        {"mirror", "flipAcross"},
        {"put together", "group"},
        {"take apart", "ungroup"},
        {"make a box", "addBox"},
        {"picture in a shape", "makeWindows"},
        {"remove background", "clearBackdrop"},
        {"print file", "export"},
        {"middle of the page", "centreAll"},
        {"weld letters", "uniteLive"},
        {"bigger paper", "changeSheet"},
        {"sticker border", "halo"},
        {"circle", "addOval"},
        {"eyedropper", "pickColour"},
        {"hole in a lable", "addTag"},
        {"center", "centreAll"}
    };

    @Test
    void plainQuestionsFindTheRightCommandAmongTheFirstThree() {
        AskIndex index = new AskIndex(window.commands().all());
        List<String> missed = new ArrayList<>();
        for (String[] question : QUESTIONS) {
            List<String> found =
                    index.find(question[0], 3).stream().map(Command::id).toList();
            if (!found.contains(question[1])) {
                missed.add(question[0] + " -> " + found + ", not " + question[1]);
            }
        }
        assertThat(missed).isEmpty();
    }

    @Test
    void everyCommandIsFoundByItsOwnLabelAndSaysWhatItDoes() {
        AskIndex index = new AskIndex(window.commands().all());
        for (Command c : window.commands().all()) {
            assertThat(index.find(c.label(), 5)).as(c.label()).contains(c);
            assertThat(c.does()).endsWith(".");
            assertThat(c.otherWords()).as(c.id()).isNotEmpty();
            onFx(() -> c.needs().ifPresent(n -> assertThat(n).endsWith(".")));
        }
    }

    @Test
    void aBoxIsAskedForAddedAndSelectedAndWhatCantBeUsedSaysWhatItNeeds() throws Exception {
        keys(KeyCode.SHORTCUT, KeyCode.K);
        write("box");
        assertThat(labels()).startsWith("Add box");
        push(KeyCode.ENTER);
        calm();
        assertThat(lookup("#ask").query().isVisible()).isFalse();
        push(KeyCode.ENTER);
        calm();
        assertThat(((ShapeElement) only()).plain()).containsInstanceOf(BoxShape.class);

        onFx(bench::selectNothing);
        keys(KeyCode.SHORTCUT, KeyCode.K);
        write("cut around");
        push(KeyCode.ENTER);
        assertThat(lookup("#ask .quiet").<Labeled>queryAll())
                .extracting(Labeled::getText)
                .anyMatch(t -> t.contains("Select something"));
        push(KeyCode.ESCAPE);
        assertThat(lookup("#ask").query().isVisible()).isFalse();
    }

    private List<String> labels() {
        return lookup("#ask-answers .ask-label").<Labeled>queryAll().stream()
                .map(Labeled::getText)
                .toList();
    }
}
