package rondel.desktop.stage;

import java.util.function.Consumer;
import javafx.scene.layout.Region;

/** A stage with a middle of its own, whose model works only while it is open. */
public abstract class OwnMiddle implements StageView {

    private final Consumer<Boolean> open;
    private final Region left;
    private final Region middle;
    private final Region right;

    /** @param open tells the model whether anybody looks */
    protected OwnMiddle(Consumer<Boolean> open, Region left, Region middle, Region right) {
        this.open = open;
        this.left = left;
        this.middle = middle;
        this.right = right;
    }

    @Override
    public final Region left() {
        return left;
    }

    @Override
    public final Region middle() {
        return middle;
    }

    @Override
    public final Region right() {
        return right;
    }

    @Override
    public final void entered() {
        open.accept(true);
    }

    @Override
    public final void left(StageView next) {
        open.accept(false);
    }
}
