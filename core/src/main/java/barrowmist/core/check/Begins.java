package barrowmist.core.check;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Why a limit begins where it does; stands on the component of a record of limits. */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Begins {

    Standing value();

    /** The published source, or what the figure follows; may be empty for a house default. */
    String source() default "";

    /** How much weight a figure has before a lab sets its own. */
    enum Standing implements Coded {
        /** In a published standard or handbook. */
        PUBLISHED("published"),
        /** What the trade does; nothing published says so. */
        COMMON_PRACTICE("common practice, no published source"),
        /** One roaster's figures, for one probe and one drum: another's differ. */
        ONE_ROASTER("one roaster's, no published source"),
        /** Ours, to have something to begin with. */
        HOUSE_DEFAULT("house default");

        private final String label;

        Standing(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }
}
