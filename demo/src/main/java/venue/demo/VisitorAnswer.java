package venue.demo;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What somebody made up has sent by a form of the demo.
 *
 * @param ago before how long
 * @param state what is done about it
 * @param note what is noted about it; what begins with {@code apart:} says why it is taken for spam
 * @param values what was filled in, by the name of the control; {@code @21} is the day in three weeks, {@code |} stands between several
 */
public record VisitorAnswer(
        String form, String page, Duration ago, String state, String note, Map<String, String> values) {

    private static final String APART = "apart: ";
    private static final int FIRST_VALUE = 5;

    /** All of them, the oldest first: a night that is full with three who wait, one that is more than half full, and others. */
    public static List<VisitorAnswer> all() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(VisitorAnswer.class.getResourceAsStream("answers.tsv")),
                StandardCharsets.UTF_8))) {
            return lines.lines().map(l -> read(l.split("\t"))).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static VisitorAnswer read(String[] parts) {
        return new VisitorAnswer(
                parts[1],
                parts[2],
                Duration.ofHours(Long.parseLong(parts[0])),
                parts[3],
                parts[4],
                Stream.of(parts)
                        .skip(FIRST_VALUE)
                        .map(p -> p.split("=", 2))
                        .collect(Collectors.toUnmodifiableMap(p -> p[0], p -> p[1])));
    }

    /** Why it is taken for spam, or empty. */
    public String apart() {
        return note.startsWith(APART) ? note.substring(APART.length()) : "";
    }

    /** What was filled in, with its days as they are {@code today}. */
    public Map<String, List<String>> sent(LocalDate today) {
        return values.entrySet().stream()
                .collect(Collectors.toUnmodifiableMap(
                        Map.Entry::getKey,
                        e -> e.getValue().startsWith("@")
                                ? List.of(today.plusDays(
                                                Long.parseLong(e.getValue().substring(1)))
                                        .toString())
                                : List.of(e.getValue().split(" \\| "))));
    }
}
