package venue.core.check.survey;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.text.Words;
import venue.core.basics.value.Window;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Given;
import venue.core.body.form.ReadyForms;
import venue.core.change.edit.form.FormCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.form.FormSettings;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.show.filling.Offering;

/** What does not agree about forms. An edition doesn't know its answers: who asks says what came of them. */
public final class FormFindings {

    private static final Survey.RuleInfo NOWHERE =
            rule("form-nowhere", "Form on no page", Severity.NOTE, "Nobody can fill it in until it is placed.");
    private static final Survey.RuleInfo RETIRED = rule(
            "form-retired", "Retired form still placed", Severity.SHOULD_FIX, "Visitors find nothing where it stands.");
    private static final Survey.RuleInfo MAIL = rule(
            "form-mail-nowhere",
            "Form whose letters go nowhere",
            Severity.SHOULD_FIX,
            "Whoever counts on these letters learns of nothing.");
    private static final Survey.RuleInfo LIST = rule(
            "form-list-of-nobody",
            "List that nobody can come onto",
            Severity.SHOULD_FIX,
            "Letters go to the first e-mail address that the form asks for.");
    private static final Survey.RuleInfo CONSENT = rule(
            "form-without-consent",
            "Form without consent",
            Severity.SHOULD_FIX,
            "It asks who somebody is, and not whether that may be kept.");
    private static final Survey.RuleInfo WAITING =
            rule("answers-wait", "Answers that waited over a week", Severity.SHOULD_FIX, "Somebody waits for a word.");
    private static final Survey.RuleInfo PAST = rule(
            "form-all-past",
            "Form with nothing left to choose",
            Severity.SHOULD_FIX,
            "It can’t be sent: what it asks for is all past.");
    private static final Survey.RuleInfo LOWERED = rule(
            "places-lowered",
            "More places given than there are",
            Severity.SHOULD_FIX,
            "The number was lowered after they were given: nobody loses theirs, so more will come than there is room for.");

    /** All that is looked for. */
    public static final List<Survey.RuleInfo> RULES =
            List.of(LOWERED, PAST, LIST, MAIL, RETIRED, CONSENT, WAITING, NOWHERE);

    private static final Duration LONG = Duration.ofDays(7);

    private final Edition edition;
    private final Around around;

    private FormFindings(Edition edition, Around around) {
        this.edition = edition;
        this.around = around;
    }

    /**
     * What there is around an edition.
     *
     * @param mail whether letters can be sent
     * @param oldest when the oldest answer came that nobody has read, by form
     */
    public record Around(boolean mail, Instant now, Map<String, Instant> oldest, Given given) {}

    private static Survey.RuleInfo rule(String key, String name, Severity severity, String why) {
        return new Survey.RuleInfo(key, name, severity, why);
    }

    /** What is found, form by form. */
    public static List<Finding> in(Edition edition, Around around) {
        FormFindings look = new FormFindings(edition, around);
        return edition.all(Form.class)
                .sorted(Comparator.comparing(Form::name))
                .flatMap(look::about)
                .toList();
    }

    private static Finding found(Survey.RuleInfo rule, String item, String says, Finding.Mend... mends) {
        return new Finding(rule.key(), rule.severity(), item, says, rule.why(), List.of(mends), null);
    }

    private Stream<Finding> about(Form form) {
        boolean placed = FormUse.isPlaced(edition, form.id());
        List<Finding> all = new ArrayList<>();
        if (form.retired()) {
            if (placed) {
                all.add(found(
                        RETIRED,
                        form.id(),
                        "Is retired, and stands on "
                                + Words.count(FormUse.pages(edition, form.id()).size(), "page") + ".",
                        new Finding.Mend("Open it again", FormCommand.retireForm(form.id(), false))));
            }
        } else if (!placed) {
            all.add(found(NOWHERE, form.id(), "Stands on no page."));
        } else {
            atWork(form, all);
        }
        waiting(form, all);
        Offering.counted(edition, form).forEach(item -> lowered(form, item, all));
        return all.stream();
    }

    private void atWork(Form form, List<Finding> all) {
        boolean list = form.is(FormSettings.LIST);
        if (list && FieldKinds.email(form).isEmpty()) {
            all.add(found(LIST, form.id(), "Makes a list, and asks for no e-mail address."));
        }
        boolean letters = form.is(FormSettings.LETTER) || form.is(FormSettings.REMINDER) || list;
        boolean copies = !form.said(FormSettings.COPIES).isBlank();
        if (!around.mail() && (letters || copies)) {
            all.add(found(MAIL, form.id(), "Sends letters, and mail is not set up on this server."));
        } else if (letters && FieldKinds.email(form).isEmpty()) {
            all.add(found(MAIL, form.id(), "Writes to whoever sent it, and asks for no e-mail address."));
        }
        boolean asksWho = FieldKinds.email(form).isPresent() || FieldKinds.asksName(form);
        if (asksWho && !form.handsOn() && !FieldKinds.asksConsent(form)) {
            List<FormField> fields = new ArrayList<>(form.fields());
            fields.add(ReadyForms.consent());
            all.add(found(
                    CONSENT,
                    form.id(),
                    "Asks who somebody is, without their consent to keep it.",
                    new Finding.Mend("Ask for consent at its end", FormCommand.setFormFields(form.id(), fields))));
        }
        past(form, all);
    }

    private void past(Form form, List<Finding> all) {
        String now =
                LocalDateTime.ofInstant(around.now(), edition.site().zone()).toString();
        List<Page> offered = Offering.counted(edition, form).toList();
        boolean dated = offered.stream().anyMatch(p -> !date(p).isEmpty());
        if (dated
                && offered.stream()
                        .allMatch(
                                p -> !date(p).isEmpty() && Window.until(date(p)).isOver(now))) {
            all.add(found(PAST, form.id(), "All " + offered.size() + " that can be chosen in it are past."));
        }
    }

    private String date(Page page) {
        return edition.words(page, UsualFields.DATE);
    }

    private void waiting(Form form, List<Finding> all) {
        Instant oldest = around.oldest().get(form.id());
        if (oldest != null) {
            Duration waited = Duration.between(oldest, around.now());
            if (waited.compareTo(LONG) > 0) {
                all.add(found(
                        WAITING,
                        form.id(),
                        "Has answers that nobody has read; the oldest came " + waited.toDays() + " days ago."));
            }
        }
    }

    private void lowered(Form form, Page item, List<Finding> all) {
        Given.Count given = around.given().of(form.id(), item.id());
        int lawful = given.places() - given.over();
        Offering.places(edition, form, item)
                .filter(places -> lawful > places)
                .ifPresent(places -> all.add(found(
                        LOWERED,
                        item.id(),
                        "Has " + Words.count(places, "place") + ", and " + lawful + " were given by “" + form.name()
                                + "”.")));
    }
}
