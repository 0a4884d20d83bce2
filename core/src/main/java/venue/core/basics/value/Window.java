package venue.core.basics.value;

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

    public boolean isOver(String now) {
        if (until.isEmpty()) {
            return false;
        }
        return until.length() == DAY ? now.substring(0, DAY).compareTo(until) > 0 : now.compareTo(until) >= 0;
    }
}
