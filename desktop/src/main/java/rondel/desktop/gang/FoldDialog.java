package rondel.desktop.gang;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.stage.Window;
import rondel.desktop.dialog.FormDialog;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.gang.copies.DesignContents;
import rondel.gang.copies.FlatContent;
import rondel.gang.fold.FlatPaper;
import rondel.geometry.Box;
import rondel.job.Design;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.Job;
import rondel.units.LengthFormat;
import rondel.words.Refusal;
import rondel.words.Words;

/** Asks what is on the faces of a tag or a card, and says how large it lies flat. */
public final class FoldDialog {

    private final Job job;
    private final boolean tag;
    private final ChoiceBox<Folding.Kind> kind = new ChoiceBox<>();
    private final ChoiceBox<Optional<Design>> front = face("fold-front");
    private final ChoiceBox<Optional<Design>> back = face("fold-back");
    private final ChoiceBox<Optional<Design>> inside = face("fold-inside");
    private final ChoiceBox<Folding.Turning> turning = new ChoiceBox<>();
    private final ChoiceBox<Folding.Score> score = new ChoiceBox<>();

    /** @param first what the front is at first */
    public FoldDialog(Job job, Optional<Design> first, boolean tag) {
        this.job = job;
        this.tag = tag;
        kind.setId("fold-kind");
        kind.getItems()
                .setAll(Arrays.stream(Folding.Kind.values())
                        .filter(k -> tag != k.twoSided())
                        .toList());
        kind.setConverter(new ChoiceNames<>(k -> Words.of("fold." + k)));
        kind.getSelectionModel().selectFirst();
        turning.setId("fold-turning");
        turning.getItems().setAll(Folding.Turning.values());
        turning.setConverter(new ChoiceNames<>(t -> Words.of("fold." + t)));
        turning.getSelectionModel().selectFirst();
        score.setId("fold-score");
        score.getItems().setAll(Folding.Score.values());
        score.setConverter(new ChoiceNames<>(s -> Words.of("fold.score." + s)));
        score.getSelectionModel().selectFirst();
        List<Optional<Design>> all = new ArrayList<>(List.of(Optional.empty()));
        DesignDialog.all(job).forEach(d -> all.add(Optional.of(d)));
        for (ChoiceBox<Optional<Design>> box : List.of(front, back, inside)) {
            box.getItems().setAll(all);
            box.setConverter(
                    new ChoiceNames<>(d -> d.map(x -> DesignDialog.name(job, x)).orElse(Words.of("fold.nothing"))));
            box.setValue(Optional.empty());
        }
        Optional<Design> begin = first.filter(d -> all.contains(Optional.of(d)))
                .or(() -> all.size() > 1 ? all.get(1) : Optional.empty());
        front.setValue(begin);
        int next = all.indexOf(begin) + 1;
        boolean pages = begin.filter(Design.Page.class::isInstance).isPresent();
        if (pages
                && next < all.size()
                && all.get(next).filter(Design.Page.class::isInstance).isPresent()) {
            back.setValue(all.get(next));
        }
    }

    private static ChoiceBox<Optional<Design>> face(String id) {
        ChoiceBox<Optional<Design>> box = new ChoiceBox<>();
        box.setId(id);
        return box;
    }

    public Optional<Design> ask(Window owner) {
        FormDialog dialog = new FormDialog(GuidePage.GANG);
        if (!tag) {
            dialog.row("fold.kind", kind);
        }
        dialog.row("fold.front", front).row("fold.back", back);
        if (!tag) {
            dialog.row("fold.inside", inside).row("fold.turning", turning);
        }
        return dialog.row("fold.score", score)
                .saying(this::says)
                .ask(
                        owner,
                        Words.of(tag ? "command.foldOver" : "command.foldCard"),
                        Words.of("gang.layOut"),
                        this::flat);
    }

    private String says() {
        FlatPaper paper = FlatContent.paper((Design.Flat) flat());
        int folds = paper.folds().size();
        return Words.of(
                folds == 1 ? "fold.flatOne" : "fold.flat",
                LengthFormat.size(paper.width(), paper.height(), job.unit()),
                String.valueOf(folds));
    }

    private Design flat() {
        Design first = front.getValue().orElseThrow(() -> Refusal.of("fold.noFront"));
        Box box = new DesignContents(job).box(first);
        List<Design.FaceDesign> faces = new ArrayList<>();
        faces.add(new Design.FaceDesign(FaceName.FRONT, first));
        back.getValue().ifPresent(d -> faces.add(new Design.FaceDesign(FaceName.BACK, d)));
        if (!tag) {
            inside.getValue()
                    .ifPresent(d -> faces.add(new Design.FaceDesign(
                            FlatContent.insideFace(
                                    kind.getValue(), box.width(), box.height(), new DesignContents(job).box(d)),
                            d)));
        }
        return new Design.Flat(
                new Folding(kind.getValue(), box.width(), box.height(), turning.getValue(), score.getValue()),
                faces,
                Design.Flat.Side.OUTSIDE);
    }
}
