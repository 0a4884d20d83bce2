package venue.server.answer;

import java.time.InstantSource;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.PersonId;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.model.site.Role;
import venue.server.here.Here;
import venue.server.mail.FormMail;
import venue.store.answer.AnswerFilter;
import venue.store.answer.Answers;
import venue.store.people.Persons;
import venue.store.people.Seats;

/** What visitors sent: form by form, some at a time, and as a table. */
@RestController
@RequestMapping("/api/sites/{site}/answers")
class AnswersController {

    private static final int MOST_ROWS = 100;

    private final Answers answers;
    private final Persons persons;
    private final Seats seats;
    private final FormMail mail;
    private final InstantSource clock;

    AnswersController(Answers answers, Persons persons, Seats seats, FormMail mail, InstantSource clock) {
        this.clock = clock;
        this.answers = answers;
        this.persons = persons;
        this.seats = seats;
        this.mail = mail;
    }

    @GetMapping
    AnswersTold answers(Here here) {
        Edition working = here.working();
        Map<String, Answers.Counts> counts = answers.counts(here.site());
        Set<String> ids = new TreeSet<>(counts.keySet());
        working.all(Form.class).map(Form::id).forEach(ids::add);
        List<AnswersTold.FormRow> forms = ids.stream()
                .filter(id -> AnswersDoor.opens(here, id))
                .map(id -> row(working, id, counts.getOrDefault(id, Answers.Counts.NONE)))
                .sorted(Comparator.comparing(AnswersTold.FormRow::gone)
                        .thenComparing(AnswersTold.FormRow::retired)
                        .thenComparing(AnswersTold.FormRow::name))
                .toList();
        return new AnswersTold(forms, people(here), mail.isSetUp(), here.role() == Role.MANAGER);
    }

    private static AnswersTold.FormRow row(Edition working, String id, Answers.Counts counts) {
        Form form = working.find(Form.class, id).orElse(null);
        return new AnswersTold.FormRow(
                id,
                form == null ? "A form that was removed" : form.name(),
                form != null && form.retired(),
                form == null,
                form == null ? 0 : FormUse.pages(working, id).size(),
                counts.fresh(),
                counts.open(),
                counts.all(),
                counts.apart(),
                form != null && form.commentField().isPresent(),
                counts.held(),
                counts.reported(),
                counts.oldest(),
                form == null ? 0 : form.months(),
                form == null ? "" : form.said(FormSettings.COPIES),
                form == null ? "" : form.said(FormSettings.REPLY));
    }

    private List<AnswersTold.FormPerson> people(Here here) {
        Set<PersonId> seated = seats.all().stream()
                .filter(s -> s.site().equals(here.site()))
                .map(Seats.Seat::person)
                .collect(Collectors.toCollection(HashSet::new));
        return persons.all().stream()
                .filter(p -> p.owner() || seated.contains(p.id()))
                .map(p -> new AnswersTold.FormPerson(p.id(), p.name()))
                .sorted(Comparator.comparing(AnswersTold.FormPerson::name))
                .toList();
    }

    /**
     * Some answers of a form, the newest first.
     *
     * @param found how many there are of those that are asked for
     * @param seats what runs out, where the form gives places of something
     * @param columns the labels of what it asks for, by key: those of now
     */
    record FormAnswers(List<AnswerRow> rows, int found, List<SeatsTold.SeatRow> seats, List<AnswerColumn> columns) {

        /** One thing that the form asks for. */
        record AnswerColumn(String key, String label) {}
    }

    /** @param after how many of those that are asked for are known already */
    @GetMapping("/{form}")
    FormAnswers ofForm(
            Here here,
            @PathVariable String form,
            @RequestParam(defaultValue = "OPEN") AnswerFilter.Which which,
            @RequestParam(required = false) @Nullable String state,
            @RequestParam(required = false) @Nullable String item,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) @Nullable String works,
            @RequestParam(defaultValue = "NEWEST") AnswerFilter.Order order,
            @RequestParam(defaultValue = "0") int after) {
        AnswersDoor.require(here, form);
        AnswerFilter filter = new AnswerFilter(form, which, state, item, q, works, order);
        Form known = here.working().find(Form.class, form).orElse(null);
        return new FormAnswers(
                answers.list(here.site(), filter, Math.max(0, after), MOST_ROWS).stream()
                        .map(AnswerRow::of)
                        .toList(),
                answers.count(here.site(), filter),
                known == null ? List.of() : SeatsTold.of(here.now(), known, answers, now(here)),
                (known == null ? Stream.<FormAnswers.AnswerColumn>empty() : columns(known)).toList());
    }

    private LocalDateTime now(Here here) {
        return LocalDateTime.ofInstant(clock.instant(), here.now().live().site().zone());
    }

    private static Stream<FormAnswers.AnswerColumn> columns(Form form) {
        return form.fields().stream()
                .filter(f -> venue.core.body.form.FieldKinds.of(f).asks())
                .map(f -> new FormAnswers.AnswerColumn(f.key(), f.label()));
    }

    /** All of one form's as a table (CSV, RFC 4180), without spam. */
    @GetMapping("/{form}/table")
    ResponseEntity<String> table(Here here, @PathVariable String form) {
        AnswersDoor.require(here, form);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8;header=present"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"answers.csv\"")
                .body(AnswerTable.csv(answers.list(here.site(), AnswerFilter.of(form), 0, Answers.MOST)));
    }
}
