package venue.core.basics.value;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A time in which something shows: from one moment, and before another. Both are ISO 8601 without a zone and meant in the site's; an
 * empty one leaves that side open, and a day without a time lasts until its end.
 */
public record Window(String from, String until) {

    private static final int DAY = "2026-01-01".length();

    public static Window until(String until) {
        return new Window("", until);
    }

    /** @param now the local date and time */
    public boolean isOn(String now) {
        return from.compareTo(now) <= 0 && !isOver(now);
    }

    /** The next moment at which it begins or ends; empty where neither is to come. */
    public Optional<LocalDateTime> turns(LocalDateTime now) {
        return Stream.of(begins(from), ends())
                .flatMap(Optional::stream)
                .filter(m -> m.isAfter(now))
                .min(Comparator.naturalOrder());
    }

    private static Optional<LocalDateTime> begins(String moment) {
        try {
            return moment.isEmpty()
                    ? Optional.empty()
                    : Optional.of(
                            moment.length() == DAY
                                    ? LocalDate.parse(moment).atStartOfDay()
                                    : LocalDateTime.parse(moment));
        } catch (DateTimeParseException unfit) {
            return Optional.empty();
        }
    }

    private Optional<LocalDateTime> ends() {
        return begins(until).map(m -> until.length() == DAY ? m.plusDays(1) : m);
    }

    public boolean isOver(String now) {
        if (until.isEmpty()) {
            return false;
        }
        return until.length() == DAY ? now.substring(0, DAY).compareTo(until) > 0 : now.compareTo(until) >= 0;
    }
}
