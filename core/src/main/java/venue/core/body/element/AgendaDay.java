package venue.core.body.element;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Scene;

/** A day as an agenda sets it: its figure large, and weekday and month beneath; the hour where there is one. */
final class AgendaDay {

    private static final int DAY = "2026-01-01".length();

    private AgendaDay() {}

    /** Nothing for what has no date, but its place. */
    static void write(Scene scene, String date, HtmlWriter out) {
        if (date.length() < DAY) {
            out.start("span", "day").end();
            return;
        }
        LocalDate day = LocalDate.parse(date.substring(0, DAY));
        Locale language = Locale.forLanguageTag(scene.words().language());
        out.start("time", "day").attr("datetime", date);
        out.element("b", String.valueOf(day.getDayOfMonth())).text(" ");
        out.start("span").text(said("EEEE", day, language)).end().text(" ");
        boolean thisYear = day.getYear() == scene.localTime().getYear();
        scene.lasts(
                scene.localTime().toLocalDate().withDayOfYear(1).plusYears(1).atStartOfDay());
        out.start("span")
                .text(said(thisYear ? "LLLL" : "LLLL yyyy", day, language))
                .end();
        if (date.length() > DAY) {
            out.text(" ").start("span").text(date.substring(DAY + 1)).end();
        }
        out.end();
    }

    private static String said(String pattern, LocalDate day, Locale language) {
        return DateTimeFormatter.ofPattern(pattern, language).format(day);
    }
}
