package rondel.desktop.command;

/** Where commands work: some are about the job or about how one looks at it, others about artwork on the sheet. */
public final class CommandScope {

    private CommandScope() {}

    /** Whether a command has something to be about where no sheet is shown. */
    static boolean isOfEveryStage(String id) {
        return CommandTable.row(id).filter(CommandTable.Row::everywhere).isPresent()
                || id.startsWith("stage")
                || id.startsWith("demo-");
    }

    /** Whether a command's keys work wherever the keyboard is: in fields, which undo for themselves, too. */
    public static boolean worksInFields(Command command) {
        boolean fieldsOwn = command.id().equals("undo") || command.id().equals("redo");
        return isOfEveryStage(command.id()) && !fieldsOwn;
    }
}
