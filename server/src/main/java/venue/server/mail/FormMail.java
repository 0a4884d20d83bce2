package venue.server.mail;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.text.Letters;
import venue.core.body.form.Filling;
import venue.core.body.form.Mistake;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.show.feed.Feed;
import venue.core.show.render.View;
import venue.server.calendar.Calendars;
import venue.server.filling.AnswerWords;
import venue.server.filling.FormFacts;
import venue.store.answer.Answer;

/** Letters about what visitors sent: to those who sent it, and copies to those who want to know. Nobody waits for them. */
@Component
public class FormMail {

    private static final int LONGEST_SUBJECT = 120;

    private final Post post;
    private final FormFacts facts;

    FormMail(Post post, FormFacts facts) {
        this.post = post;
        this.facts = facts;
    }

    public boolean isSetUp() {
        return post.isSetUp();
    }

    /** Something has been taken: its sender is told, as the form says, and so are those who get copies. What is set apart is told to nobody. */
    public void taken(View view, Form form, Answer answer, List<Mistake> told) {
        if (answer.done().apart() != null) {
            return;
        }
        if (form.is(FormSettings.LETTER) && !answer.email().isEmpty()) {
            List<String> words = new ArrayList<>(lines(form.said(FormSettings.LETTER_WORDS)));
            words.addAll(in(view, told));
            words.addAll(said(answer));
            post.tell(answer.email(), toSender(view, form, answer, words), null);
        }
        for (String to : lines(form.said(FormSettings.COPIES))) {
            String reply = answer.email().isEmpty() ? null : answer.email();
            post.tell(to, letter(view, form, said(answer), null), reply);
        }
    }

    /** Somebody has moved up, and has places now. */
    public void movedUp(View view, Form form, Answer answer, List<Mistake> told) {
        if (!answer.email().isEmpty()) {
            post.tell(answer.email(), toSender(view, form, answer, in(view, told)), null);
        }
    }

    /** Somebody has a place of what is tomorrow. */
    public void remind(View view, Form form, Answer answer, List<Mistake> told) {
        List<String> words = new ArrayList<>(in(view, List.of(AnswerWords.tomorrow(answer))));
        words.addAll(in(view, told));
        post.tell(answer.email(), toSender(view, form, answer, words), null);
    }

    /** With the event as calendars take it, for whoever has a place of one. */
    private Letter toSender(View view, Form form, Answer answer, List<String> words) {
        Letter letter = letter(view, form, words, link(view, answer));
        Answer.Place place = answer.place();
        if (place == null || place.stands() != Answer.Stands.PLACE) {
            return letter;
        }
        Edition edition = view.edition();
        String event = edition.page(place.item())
                .map(page -> Calendars.write(
                        page.title(),
                        List.of(Feed.entry(view, page)),
                        edition.site().zone()))
                .orElse("");
        return new Letter(letter.subject(), words, letter.link(), event.isEmpty() ? null : event);
    }

    /** Somebody who works with an answer writes to whoever sent it. */
    public void write(View view, Answer answer, String subject, String words, @Nullable String reply) {
        post.send(answer.email(), new Letter(line(subject), lines(words), link(view, answer)), reply);
    }

    private static Letter letter(View view, Form form, List<String> words, @Nullable String link) {
        String subject = form.name() + " · " + view.edition().site().name();
        return new Letter(line(subject), words, link);
    }

    private static String line(String words) {
        String line = Letters.line(words);
        return line.length() <= LONGEST_SUBJECT ? line : line.substring(0, LONGEST_SUBJECT);
    }

    /** Where whoever wants places sees how they stand and gives them back, and whoever said something changes it. */
    private @Nullable String link(View view, Answer answer) {
        return answer.place() == null && answer.onPage() == null
                ? null
                : view.origin() + "/-/answer?of=" + facts.token(answer.id());
    }

    private static List<String> in(View view, List<Mistake> told) {
        String language = view.edition().site().language();
        return told.stream().map(t -> t.in(p -> p.in(language))).toList();
    }

    private static List<String> said(Answer answer) {
        return answer.said().stream().map(FormMail::said).toList();
    }

    private static String said(Filling.Said said) {
        return said.label() + ": " + said.words();
    }

    private static List<String> lines(String words) {
        return Stream.of(words.split("\n"))
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .toList();
    }
}
