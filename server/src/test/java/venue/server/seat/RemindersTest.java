package venue.server.seat;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.property.UsualFields;
import venue.demo.KestrelMoor;
import venue.server.mail.FormMail;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.answer.Places;
import venue.store.answer.Places.WaitedFor;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Who has a place is reminded the day before, from nine in the morning where the site is; and who waits is looked at each time. */
class RemindersTest {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final LocalTime NINE = LocalTime.of(9, 0);

    private final Answers answers = mock(Answers.class);
    private final Places places = mock(Places.class);
    private final Seating seating = mock(Seating.class);
    private final FormMail mail = mock(FormMail.class);
    private final GivenClock clock = new GivenClock(Instant.EPOCH);
    private final Standing now = mock(Standing.class);
    private Edition live;
    private LocalDate night;
    private Reminders reminders;

    @BeforeEach
    void reminding() {
        has(true);
        night = LocalDate.parse(live.words(live.page("geminids").orElseThrow(), UsualFields.DATE)
                .substring(0, 10));
        Workspaces workspaces = mock(Workspaces.class);
        Workspace moor = mock(Workspace.class);
        when(workspaces.find(MOOR)).thenReturn(Optional.of(moor));
        when(moor.now()).thenReturn(now);
        when(now.site()).thenReturn(MOOR);
        when(answers.places()).thenReturn(places);
        when(places.sites()).thenReturn(List.of(MOOR));
        when(places.remind(any(), any(), any())).thenReturn(List.of(mock(Answer.class)));
        reminders = new Reminders(workspaces, answers, seating, mail, clock);
    }

    private void has(boolean reminder) {
        live = Edition.of(KestrelMoor.items(LocalDate.parse("2026-11-30")).stream()
                .map(i -> i instanceof Form f && f.id().equals("booking-form")
                        ? f.with("reminder", Value.of(reminder))
                        : i)
                .toList());
        when(now.live()).thenReturn(live);
    }

    private void look(LocalDate day, LocalTime time) {
        clock.set(day.atTime(time).atZone(live.site().zone()).toInstant());
        reminders.look();
    }

    @Test
    void theDayBeforeFromNineOnThoseWhoCameBeforeThat() {
        when(mail.isSetUp()).thenReturn(true);
        look(night.minusDays(1), NINE.minusMinutes(1));
        look(night, NINE);
        look(night.minusDays(2), NINE);
        verify(places, never()).remind(any(), any(), any());
        look(night.minusDays(1), NINE.plusHours(5));
        Instant nine =
                night.minusDays(1).atTime(NINE).atZone(live.site().zone()).toInstant();
        verify(places).remind(MOOR, new WaitedFor("booking-form", "geminids"), nine);
        verify(mail).remind(any(), eq(live.require(Form.class, "booking-form")), any(), any());
        verify(seating, times(4)).lookAt(now);
    }

    @Test
    void nobodyWhereTheFormDoesNotSaySoOrNoMailGoes() {
        look(night.minusDays(1), NINE);
        when(mail.isSetUp()).thenReturn(true);
        has(false);
        look(night.minusDays(1), NINE);
        verify(places, never()).remind(any(), any(), any());
        verify(mail, never()).remind(any(), any(), any(), any());
    }
}
