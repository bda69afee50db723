package rondel.fields;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What recipes call an operation, where people's word differs from the code's: a window for a photo is a slot in code, as a
 *  window there is what the desktop shows. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface RecipeName {
    String value();
}
