package venue.server.filling;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Given;
import venue.core.body.form.Sending;
import venue.core.body.form.VisitorFacts;
import venue.store.answer.Answers;
import venue.store.answer.FormSeal;

/** What pages are told of what visitors did: how many places are given, as it was a second ago, and the stamp of the minute. */
@Component
public class FormFacts {

    private static final Duration FRESH = Duration.ofSeconds(1);
    private static final int MOST_FORMS = 2_000;
    private static final long MINUTE = 60;
    /** What tokens of answers are sealed with. */
    private static final String ANSWER = "answer";

    private record Key(SiteId site, String form) {}

    private final Answers answers;
    private final FormSeal seal;
    private final TraceFacts traces;
    private final InstantSource clock;
    private final Cache<Key, Map<String, Given.Count>> given = Caffeine.newBuilder()
            .expireAfterWrite(FRESH)
            .maximumSize(MOST_FORMS)
            .build();

    FormFacts(Answers answers, FormSeal seal, TraceFacts traces, InstantSource clock) {
        this.traces = traces;
        this.answers = answers;
        this.seal = seal;
        this.clock = clock;
    }

    /** As visitors of a site are told. */
    public VisitorFacts of(SiteId site) {
        return new VisitorFacts(given(site), Sending.NOTHING, stamp(site), true).with(traces.of(site));
    }

    /** As those who make it are told: what is sent from where they look is not taken. */
    public VisitorFacts seenBy(SiteId site) {
        return new VisitorFacts(given(site), Sending.NOTHING, "", true).with(traces.of(site));
    }

    private Given given(SiteId site) {
        return (form, item) -> given.get(
                        new Key(site, form), k -> answers.places().given(k.site(), k.form()))
                .getOrDefault(item, Given.Count.NONE);
    }

    private String stamp(SiteId site) {
        String minute = Long.toString(clock.instant().getEpochSecond() / MINUTE, Character.MAX_RADIX);
        return minute + "." + seal.of("stamp " + site + " " + minute);
    }

    /** When a page was written, to the minute, by the stamp that came from it; empty where we didn't write it. */
    public Optional<Instant> written(SiteId site, String stamp) {
        int dot = stamp.indexOf('.');
        String minute = stamp.substring(0, Math.max(0, dot));
        return minute.matches("[0-9a-z]{1,8}") && seal.holds("stamp " + site + " " + minute, stamp.substring(dot + 1))
                ? Optional.of(Instant.ofEpochSecond(Long.parseLong(minute, Character.MAX_RADIX) * MINUTE))
                : Optional.empty();
    }

    /** By which somebody who sent an answer is known, in an address. */
    public String token(AnswerId id) {
        return seal.token(ANSWER, id.text());
    }

    /** The answer of a token that we made. */
    public Optional<AnswerId> answer(String token) {
        return seal.opened(ANSWER, token).map(AnswerId::new);
    }
}
