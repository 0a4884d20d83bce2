package venue.server.calendar;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.property.Uid;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;
import venue.core.show.feed.Feed;

/** Events as calendars take them (iCalendar, RFC 5545). Hours are written in UTC, so that summer time can't be misread. */
public final class Calendars {

    private Calendars() {}

    /** @return nothing where no entry has a date */
    public static String write(String title, List<Feed.Entry> entries, ZoneId zone) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Venue//Calendar//EN");
        calendar.setName(title);
        for (Feed.Entry entry : entries) {
            LocalDateTime start = entry.times().start();
            if (start != null) {
                calendar.addEvent(event(entry, start, zone));
            }
        }
        return calendar.getEvents().isEmpty() ? "" : Biweekly.write(calendar).go();
    }

    private static VEvent event(Feed.Entry entry, LocalDateTime start, ZoneId zone) {
        VEvent event = new VEvent();
        event.setUid(new Uid(entry.id()));
        // When it was last another: the same calendar asked for twice is the same.
        event.setDateTimeStamp(Date.from(entry.updated()));
        event.setSummary(entry.title());
        if (!entry.summary().isEmpty()) {
            event.setDescription(entry.summary());
        }
        event.setUrl(entry.url());
        event.setDateStart(new DateStart(date(start, entry.times().wholeDay(), zone)));
        LocalDateTime end = entry.times().end();
        if (end != null && end.isAfter(start)) {
            // The end of a day that is meant whole is the next one's beginning.
            LocalDateTime until =
                    entry.times().wholeDay() ? end.toLocalDate().plusDays(1).atStartOfDay() : end;
            event.setDateEnd(new DateEnd(date(until, entry.times().wholeDay(), zone)));
        }
        return event;
    }

    private static ICalDate date(LocalDateTime at, boolean day, ZoneId zone) {
        return day
                ? new ICalDate(new DateTimeComponents(at.getYear(), at.getMonthValue(), at.getDayOfMonth()), false)
                : new ICalDate(Date.from(at.atZone(zone).toInstant()), true);
    }
}
