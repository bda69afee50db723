package rondel.desktop.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.compose.sheets.AddSheet;
import rondel.compose.sheets.RenameSheet;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.compose.sheets.SetSheetSize;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.operation.Together;
import rondel.words.Words;

/** What a person says of a sheet in one go; lengths in mm. */
public record SheetForm(
        String name, double width, double height, double bleed, double safeMargin, Optional<Rgba> paper) {

    public static SheetForm of(Sheet sheet) {
        return new SheetForm(
                sheet.name(), sheet.width(), sheet.height(), sheet.bleed(), sheet.safeMargin(), sheet.paper());
    }

    /** A further sheet like {@code sheet}, with the next number for a name. */
    public static SheetForm after(Job job, Sheet sheet) {
        SheetForm same = of(sheet);
        return new SheetForm(
                Words.of(
                        "sheet.numbered",
                        job.sheets().stream().filter(s -> s.planned().isEmpty()).count() + 1),
                same.width,
                same.height,
                same.bleed,
                same.safeMargin,
                same.paper);
    }

    /** The edit that makes {@code sheet} so; nothing where it is so already. */
    public Optional<Operation> change(Sheet sheet) {
        return together(Words.of("operation.changeSheet"), differences(sheet));
    }

    /** The edit that adds such a sheet to a job. */
    public Operation addition(Job job) {
        AddSheet add = new AddSheet(name, width, height);
        List<Operation> steps = new ArrayList<>(List.of(add));
        steps.addAll(differences(add.sheet(job)));
        return together(add.label(), steps).orElse(add);
    }

    private List<Operation> differences(Sheet sheet) {
        SheetId id = sheet.id();
        List<Operation> steps = new ArrayList<>();
        if (!name.equals(sheet.name())) {
            steps.add(new RenameSheet(id, name));
        }
        if (width != sheet.width() || height != sheet.height()) {
            steps.add(new SetSheetSize(id, width, height));
        }
        if (bleed != sheet.bleed() || safeMargin != sheet.safeMargin()) {
            steps.add(new SetMargins(id, bleed, safeMargin));
        }
        if (!paper.equals(sheet.paper())) {
            steps.add(new SetPaper(id, paper));
        }
        return steps;
    }

    private static Optional<Operation> together(String label, List<Operation> steps) {
        return switch (steps.size()) {
            case 0 -> Optional.empty();
            case 1 -> Optional.of(steps.getFirst());
            default -> Optional.of(new Together(label, steps));
        };
    }
}
