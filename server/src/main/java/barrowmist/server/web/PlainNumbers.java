package barrowmist.server.web;

import java.beans.PropertyEditorSupport;
import java.util.function.LongFunction;
import java.util.regex.Pattern;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;

/**
 * Whole numbers in addresses are plain decimal and nothing else: no plus sign, no spaces, no leading zero, no other base
 * and no other digits. One id has one spelling, for whoever guards it and for whoever reads it.
 */
@ControllerAdvice
class PlainNumbers {

    private static final Pattern PLAIN = Pattern.compile("0|-?[1-9][0-9]{0,17}");

    // an editor and no converter: where a converter fails, the framework's own editor reads hexadecimal all the same
    @InitBinder
    void bind(WebDataBinder binder) {
        binder.registerCustomEditor(long.class, new FromText(n -> n));
        binder.registerCustomEditor(Long.class, new FromText(n -> n));
        binder.registerCustomEditor(int.class, new FromText(Math::toIntExact));
        binder.registerCustomEditor(Integer.class, new FromText(Math::toIntExact));
    }

    static long whole(String text) {
        if (!PLAIN.matcher(text).matches()) {
            throw new NumberFormatException("not a plain whole number");
        }
        return Long.parseLong(text);
    }

    private static final class FromText extends PropertyEditorSupport {
        private final LongFunction<Object> as;

        FromText(LongFunction<Object> as) {
            this.as = as;
        }

        /** A parameter that is there and empty says nothing. */
        @Override
        public void setAsText(String text) {
            setValue(text.isEmpty() ? null : as.apply(whole(text)));
        }
    }
}
