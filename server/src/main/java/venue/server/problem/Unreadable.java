package venue.server.problem;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import venue.core.basics.value.Value;

/** The refusal of JSON that can't be read or has another shape: it names the field, its value, and what is wanted there. */
final class Unreadable {

    private static final int SHOWN = 60;
    private static final String FIX = "Send JSON of the shape that /api/openapi describes.";

    private Unreadable() {}

    static ProblemDetail of(JacksonException e) {
        if (e instanceof StreamReadException broken) {
            return problem("", "This is no JSON" + where(broken) + ".", FIX);
        }
        String field = field(e.getPath());
        if (e instanceof UnrecognizedPropertyException unknown) {
            return problem(field, "There is no “" + shown(unknown.getPropertyName()) + "” here.", known(unknown));
        }
        if (e instanceof InvalidTypeIdException unknown) {
            String verb = unknown.getTypeId();
            return problem(
                    join(field, "verb"),
                    verb == null ? "It is not said what is to be done." : "There is no verb “" + shown(verb) + "”.",
                    "Give one of the verbs that /api/openapi describes.");
        }
        if (e instanceof MismatchedInputException mismatched) {
            return mismatched(field, mismatched);
        }
        return problem(field, "“" + field + "” can't be read.", FIX);
    }

    private static ProblemDetail mismatched(String field, MismatchedInputException e) {
        String wanted = wanted(e.getTargetType());
        String given = given(e);
        boolean absent = given.isEmpty() || given.equals("null");
        String name = field.isEmpty() ? "What was sent" : "“" + field + "”";
        return problem(
                field,
                absent ? name + " is missing." : name + " is " + given + ", not " + wanted + ".",
                "Give " + wanted + " there.");
    }

    private static ProblemDetail problem(String field, String message, String fix) {
        ProblemDetail problem = Problems.of(HttpStatus.BAD_REQUEST, "unreadable", message, fix);
        problem.setProperty("field", field);
        return problem;
    }

    private static String where(JacksonException e) {
        TokenStreamLocation at = e.getLocation();
        return at == null || at.getLineNr() < 1 ? "" : ": line " + at.getLineNr() + ", column " + at.getColumnNr();
    }

    private static String field(List<JacksonException.Reference> path) {
        String field = "";
        for (JacksonException.Reference step : path) {
            field = step.getPropertyName() == null
                    ? field + "[" + step.getIndex() + "]"
                    : join(field, shown(step.getPropertyName()));
        }
        return field;
    }

    private static String join(String field, String name) {
        return field.isEmpty() ? name : field + "." + name;
    }

    private static String known(UnrecognizedPropertyException e) {
        Collection<Object> ids = e.getKnownPropertyIds();
        return ids == null || ids.isEmpty()
                ? FIX
                : "Known here: " + ids.stream().map(String::valueOf).sorted().collect(Collectors.joining(", ")) + ".";
    }

    private static String wanted(@Nullable Class<?> type) {
        if (type == null || type == Object.class || type == Value.class) {
            return "a value";
        }
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(c -> ((Enum<?>) c).name())
                            .collect(Collectors.joining(", "));
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type == BigDecimal.class || type == double.class || type == Double.class) {
            return "a number";
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return "a whole number that fits";
        }
        if (type == String.class) {
            return "words";
        }
        boolean list = Collection.class.isAssignableFrom(type) || type.isArray();
        return list ? "a list" : Map.class.isAssignableFrom(type) || type.isRecord() ? "an object" : "a value";
    }

    /** What stands there, as far as it can still be seen; an empty text where nothing does. */
    private static String given(MismatchedInputException e) {
        if (e instanceof InvalidFormatException format) {
            return "“" + shown(String.valueOf(format.getValue())) + "”";
        }
        JsonToken token = e.processor() instanceof JsonParser in ? in.currentToken() : null;
        if (token == null || token == JsonToken.END_OBJECT || token == JsonToken.VALUE_NULL) {
            return "";
        }
        if (token.isScalarValue()) {
            return "“" + shown(((JsonParser) e.processor()).getString()) + "”";
        }
        return token == JsonToken.START_ARRAY ? "a list" : "an object";
    }

    private static String shown(String text) {
        return text.substring(0, Math.min(SHOWN, text.length()));
    }
}
