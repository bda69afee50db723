package rondel.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/** What things tell a pointer that rests on them. */
class HintTest extends ApplicationTest {

    private Button figure;
    private Button elsewhere;
    private String told = "3 in wide";

    @Override
    public void start(Stage stage) {
        figure = new Button("Width");
        elsewhere = new Button("Elsewhere");
        Hint.on(figure, () -> told);
        Hint.on(elsewhere, "Something else");
        stage.setScene(new Scene(new VBox(200, figure, elsewhere), 300, 300));
        stage.show();
    }

    private static List<String> showing() {
        return WaitForAsyncUtils.waitForAsyncFx(1000, () -> Window.getWindows().stream()
                .filter(w -> w instanceof Tooltip)
                .map(w -> ((Tooltip) w).getText())
                .toList());
    }

    private void restOn(Button what) throws Exception {
        moveTo(what).moveBy(2, 1);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !showing().isEmpty());
    }

    private void leave() throws Exception {
        moveTo(150, 150);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> showing().isEmpty());
    }

    @Test
    void aHintSaysWhatHoldsWhenThePointerComes() throws Exception {
        restOn(figure);
        assertThat(showing()).containsExactly("3 in wide");
        leave();
        told = "4 in wide";
        restOn(figure);
        assertThat(showing()).containsExactly("4 in wide");
        leave();
        told = "";
        moveTo(figure).moveBy(2, 1);
        sleep(1500);
        assertThat(showing()).isEmpty();
        told = "5 in wide";
        leave();
        restOn(figure);
        assertThat(showing()).containsExactly("5 in wide");
    }

    @Test
    void whatIsToldAnewTakesThePlaceOfWhatWasToldBefore() throws Exception {
        interact(() -> {
            Hint.on(elsewhere, "2 findings");
            Hint.on(elsewhere, "No findings");
        });
        restOn(elsewhere);
        assertThat(showing()).containsExactly("No findings");
        assertThat(elsewhere.getAccessibleHelp()).isEqualTo("No findings");
        leave();
    }

    @Test
    void aFixedHintIsHelpForAScreenReaderBeforeAnyPointerComes() {
        assertThat(elsewhere.getAccessibleHelp()).isEqualTo("Something else");
    }
}
