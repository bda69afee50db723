package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import rondel.job.ElementId;

/** An element's id as it was typed: one that has a comma or a space at its end stands in double quotes, which are no part of it. */
final class TypedId implements ITypeConverter<ElementId> {

    @Override
    public ElementId convert(String text) {
        String typed = text.strip();
        boolean quoted = typed.length() > 1 && typed.startsWith("\"") && typed.endsWith("\"");
        return new ElementId(quoted ? typed.substring(1, typed.length() - 1) : typed);
    }
}
