package rondel.desktop.run;

import javafx.scene.layout.StackPane;
import rondel.desktop.run.play.PassPicture;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.sewing.SewingView;
import rondel.run.passes.Pass;

/** The picture of the pass that is looked at: what is loaded with its lines, or what is sewn. */
public final class RunMiddle extends StackPane {

    private final RunModel model;
    private final PassPicture loaded;
    private final PassPicture sewing;

    public RunMiddle(RunActions actions) {
        this.model = actions.model();
        this.loaded = new LoadedView(actions);
        this.sewing = new SewingView(actions);
        setMinSize(0, 0);
        getChildren().addAll(loaded.region(), sewing.region());
        model.onChange(this::follow);
        follow();
    }

    /** What is seen just now. */
    public PassPicture picture() {
        return model.pass().filter(Pass::isStitch).isPresent() ? sewing : loaded;
    }

    private void follow() {
        loaded.region().setVisible(picture() == loaded);
        sewing.region().setVisible(picture() == sewing);
    }
}
