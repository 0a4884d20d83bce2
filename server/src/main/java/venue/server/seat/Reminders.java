package venue.server.seat;

import java.time.InstantSource;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.show.filling.Offering;
import venue.server.filling.AnswerWords;
import venue.server.mail.FormMail;
import venue.store.answer.Answers;
import venue.store.answer.Places;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Writes the day before to whoever has a place, where a form says so; and looks whether somebody who waits can have theirs. */
@Component
class Reminders {

    /** From this hour of the day before, in the site's zone. */
    private static final LocalTime FROM = LocalTime.of(9, 0);

    private static final long MINUTE_MS = 60_000;

    private final Workspaces workspaces;
    private final Answers answers;
    private final Seating seating;
    private final FormMail mail;
    private final InstantSource clock;

    Reminders(Workspaces workspaces, Answers answers, Seating seating, FormMail mail, InstantSource clock) {
        this.workspaces = workspaces;
        this.answers = answers;
        this.seating = seating;
        this.mail = mail;
        this.clock = clock;
    }

    @Scheduled(fixedDelay = MINUTE_MS, initialDelay = MINUTE_MS)
    void look() {
        answers.places().sites().stream()
                .flatMap(site -> workspaces.find(site).stream())
                .map(Workspace::now)
                .forEach(now -> {
                    seating.lookAt(now);
                    if (mail.isSetUp()) {
                        remind(now);
                    }
                });
    }

    void remind(Standing now) {
        Edition live = now.live();
        ZonedDateTime here = clock.instant().atZone(live.site().zone());
        if (here.toLocalTime().isBefore(FROM)) {
            return;
        }
        String tomorrow = here.toLocalDate().plusDays(1).toString();
        live.all(Form.class)
                .filter(f -> f.is(FormSettings.REMINDER) && !f.retired())
                .forEach(form -> Offering.counted(live, form)
                        .filter(p -> live.words(p, UsualFields.DATE).startsWith(tomorrow))
                        .forEach(p -> remind(now, form, p, here)));
    }

    /** Who came after that hour has just had a letter. */
    private void remind(Standing now, Form form, Page item, ZonedDateTime here) {
        answers.places()
                .remind(
                        now.site(),
                        new Places.WaitedFor(form.id(), item.id()),
                        here.with(FROM).toInstant())
                .forEach(a -> mail.remind(seating.view(now), form, a, AnswerWords.told(a)));
    }
}
