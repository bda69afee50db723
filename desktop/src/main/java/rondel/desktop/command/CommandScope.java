package rondel.desktop.command;

import java.util.Set;

/** Where commands work: some are about the job or about how one looks at it, others about artwork on the sheet. */
public final class CommandScope {

    private static final Set<String> OF_THE_JOB = Set.of(
            "new",
            "start",
            "close",
            "quit",
            "open",
            "save",
            "saveAs",
            "place",
            "export",
            "fillIn",
            "undo",
            "redo",
            "fit",
            "trueSize",
            "zoomIn",
            "zoomOut",
            "addSheet",
            "nextSheet",
            "previousSheet",
            "glyphs",
            "seePale",
            "ask");

    private CommandScope() {}

    /** Whether a command has something to be about where no sheet is shown. */
    static boolean isOfEveryStage(String id) {
        return OF_THE_JOB.contains(id) || id.startsWith("stage") || id.startsWith("demo-");
    }

    /** Whether a command's keys work wherever the keyboard is: in fields, which undo for themselves, too. */
    public static boolean worksInFields(Command command) {
        boolean fieldsOwn = command.id().equals("undo") || command.id().equals("redo");
        return isOfEveryStage(command.id()) && !fieldsOwn;
    }
}
