package venue.server.live;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import venue.core.body.form.FormNames;
import venue.core.body.form.Sending;
import venue.core.body.trace.CommentRule;
import venue.core.show.filling.CommentRules;
import venue.core.show.render.View;
import venue.store.answer.Answer;

/** Who may change what they said, and the form as it stands for that. */
final class CommentChange {

    /** So long a member may; whoever has the link in their letter may while the page takes comments. */
    static final Duration MEMBERS = Duration.ofMinutes(15);

    private CommentChange() {}

    static boolean may(View view, Answer answer, Instant now) {
        boolean taken = view.edition()
                .page(answer.page())
                .map(p -> CommentRules.of(view.edition(), p, view.localTime().toLocalDate()))
                .filter(CommentRule::takes)
                .isPresent();
        boolean early = Instant.parse(answer.came()).plus(MEMBERS).isAfter(now);
        return answer.onPage() != null && answer.done().apart() == null && taken && (answer.member() == null || early);
    }

    /** With what was said in it. */
    static Sending form(Answer answer, String token) {
        Map<String, List<String>> typed = new HashMap<>();
        answer.said().forEach(s -> typed.put(s.key(), List.of(s.value())));
        typed.put(FormNames.CHANGE, List.of(token));
        return Sending.stepped(answer.form(), 1, typed);
    }
}
