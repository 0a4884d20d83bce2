package venue.demo;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Objects;

/**
 * Somebody made up who asked for the observatory's letters.
 *
 * @param ago before how long
 * @param stands {@code IN}, {@code BROUGHT} by a table, {@code ASKED} and not confirmed, {@code OUT} again, or {@code REFUSED} by their mail server
 */
public record DemoSubscriber(Duration ago, String stands, String email, String name) {

    /** The form that makes the list. */
    public static final String LIST = DemoForms.LETTERS;

    /** All of them, the first to ask first. */
    public static List<DemoSubscriber> all() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(DemoSubscriber.class.getResourceAsStream("subscribers.tsv")),
                StandardCharsets.UTF_8))) {
            return lines.lines().map(l -> read(l.split("\t", -1))).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static DemoSubscriber read(String[] parts) {
        return new DemoSubscriber(Duration.ofDays(Long.parseLong(parts[0])), parts[1], parts[2], parts[3]);
    }
}
