package venue.core.basics.fault;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Something that was asked for and is not done; nothing has changed. Tells what is wrong, where, and the way out.
 */
public final class Refusal extends RuntimeException {

    /** How a refusal is meant; each maps to one HTTP status. */
    public enum Sort {
        BAD_INPUT,
        NOT_FOUND,
        CONFLICT,
        FORBIDDEN,
        BUSY
    }

    private final Sort sort;
    private final String code;
    private final String fix;
    private final @Nullable String field;
    private final transient Map<String, Object> details;

    private Refusal(
            Sort sort, String code, @Nullable String field, String message, String fix, Map<String, Object> details) {
        super(message);
        this.sort = sort;
        this.code = code;
        this.field = field;
        this.fix = fix;
        this.details = details;
    }

    /** A value that breaks a rule: {@code field} says which one. */
    public static Refusal badInput(String code, String field, String message, String fix) {
        return new Refusal(Sort.BAD_INPUT, code, field, message, fix, Map.of());
    }

    /** An id that names nothing in this site. */
    public static Refusal unknown(String what, String id) {
        return new Refusal(
                Sort.NOT_FOUND,
                "unknown-" + what.replace(' ', '-'),
                what,
                "There is no " + what + " “" + id + "” here.",
                "It may have been removed since. Reload to see how things are now.",
                Map.of());
    }

    /** Two people changed the same thing. */
    public static Refusal conflict(String code, String field, String message, String fix) {
        return new Refusal(Sort.CONFLICT, code, field, message, fix, Map.of());
    }

    /** The account may not do this. */
    public static Refusal forbidden(String code, String message, String fix) {
        return new Refusal(Sort.FORBIDDEN, code, null, message, fix, Map.of());
    }

    /** Too much is being done already; the same can be asked again in a while. */
    public static Refusal busy(String code, String message, String fix) {
        return new Refusal(Sort.BUSY, code, null, message, fix, Map.of());
    }

    /** The same refusal with facts that a program can act on, such as the other version of what was changed. */
    public Refusal with(Map<String, Object> facts) {
        return new Refusal(sort, code, field, getMessage(), fix, Map.copyOf(facts));
    }

    /** Facts that a program can act on; often none. */
    public Map<String, Object> details() {
        return details;
    }

    public Sort sort() {
        return sort;
    }

    /** A stable name of the rule, in lower case with hyphens. */
    public String code() {
        return code;
    }

    /** The property or argument meant, as a dotted path; absent when none is. */
    public @Nullable String field() {
        return field;
    }

    /** The way out, as a sentence for the person who asked. */
    public String fix() {
        return fix;
    }

    @Override
    public String getMessage() {
        return String.valueOf(super.getMessage());
    }
}
