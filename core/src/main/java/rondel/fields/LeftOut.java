package rondel.fields;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Says what a record's component means where a file or a recipe leaves it out: the value as JSON spells it, where a plain word
 *  stands for itself ({@code "centre"}, {@code "[]"}, {@code "4"}). A component that is optional means nothing, and a yes or no
 *  means no; a record with a constant {@code USUAL} means that. */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.RECORD_COMPONENT, ElementType.FIELD})
public @interface LeftOut {
    String value();
}
