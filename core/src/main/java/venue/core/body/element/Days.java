package venue.core.body.element;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import venue.core.basics.value.Value;
import venue.core.body.scene.Scene;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** A day, with the hour where it has one, as a listing says it. */
final class Days {

    private static final int DAY = "2026-01-01".length();
    private static final Property DATE = Property.of("date", "Date", PropertyType.DATE_TIME);

    private Days() {}

    /** @param form {@code full}, {@code short}, {@code day}, {@code month} or {@code number} */
    static String said(String iso, String form, Scene scene) {
        try {
            boolean timed = iso.length() > DAY;
            return switch (form) {
                case "short" -> at(iso, timed ? "EEE d MMM, HH:mm" : "EEE d MMM", scene) + year(iso, scene);
                case "day" -> at(iso, "d MMMM uuuu", scene);
                case "month" -> at(iso, "LLLL uuuu", scene);
                case "number" -> at(iso, "d", scene);
                default -> scene.words().inWords(DATE, Value.of(iso));
            };
        } catch (DateTimeParseException e) {
            return iso;
        }
    }

    /** The year, where it is not this one and the day alone would mislead. */
    private static String year(String iso, Scene scene) {
        LocalDate today = scene.localTime().toLocalDate();
        String year = iso.substring(0, 4);
        scene.lasts(
                year.equals(String.valueOf(today.getYear()))
                        ? today.withDayOfYear(1).plusYears(1).atStartOfDay()
                        : today.plusDays(1).atStartOfDay());
        return year.equals(String.valueOf(scene.localTime().getYear())) || iso.length() > DAY && isSoon(iso, scene)
                ? ""
                : ", " + year;
    }

    private static boolean isSoon(String iso, Scene scene) {
        LocalDate day = LocalDate.parse(iso.substring(0, DAY));
        return !day.isBefore(scene.localTime().toLocalDate())
                && day.isBefore(scene.localTime().toLocalDate().plusMonths(3));
    }

    private static String at(String iso, String pattern, Scene scene) {
        DateTimeFormatter format = DateTimeFormatter.ofPattern(
                pattern, Locale.forLanguageTag(scene.words().language()));
        return iso.length() > DAY
                ? LocalDateTime.parse(iso).format(format)
                : LocalDate.parse(iso).format(format);
    }
}
