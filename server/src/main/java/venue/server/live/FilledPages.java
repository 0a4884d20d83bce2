package venue.server.live;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.item.AnswerId;
import venue.core.basics.text.Phrase;
import venue.core.body.form.FormNames;
import venue.core.body.form.Mistake;
import venue.core.body.form.Sending;
import venue.core.body.form.Sending.State;
import venue.core.body.trace.Rating;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.show.filling.CommentRules;
import venue.core.show.filling.Offering;
import venue.core.show.render.View;
import venue.core.show.render.Wrapping;
import venue.server.filling.AnswerWords;
import venue.server.filling.FormFacts;
import venue.store.answer.Answer;
import venue.store.answer.Answer.Place;
import venue.store.answer.Answers;
import venue.store.workspace.Workspace;

/** Pages as they stand after a form has been sent from them: what was sent is known by a token in the address, so that it can be loaded anew. */
@Component
class FilledPages {

    /** What letters lead to: it leads on to the page on which the form stands now. */
    static final String ANSWER = "/-/answer";

    /** What is asked for with a page that stands otherwise then. */
    private static final List<String> MEANT = List.of(FormNames.SENT, FormNames.CHANGE, FormNames.TO, FormNames.RATE);

    /** It is one visitor's own, and nothing to be found. */
    static final Wrapping KEPT_OUT = new Wrapping(null, null, null, true, null);

    private final LiveSites sites;
    private final Answers answers;
    private final FormFacts facts;
    private final InstantSource clock;

    FilledPages(LiveSites sites, Answers answers, FormFacts facts, InstantSource clock) {
        this.clock = clock;
        this.sites = sites;
        this.answers = answers;
        this.facts = facts;
    }

    /** The page at an address, as it came percent-encoded; empty where somebody doesn't get one. */
    static Optional<Page> pageAt(View view, String rawPath) {
        return Addresses.of(view.edition(), view.visitor()).at(SiteReplies.decode(rawPath))
                        instanceof AtAddress.Here here
                ? Optional.of(here.page())
                : Optional.empty();
    }

    static Offering offering(View view, Page page) {
        String language = PageSettings.language(page, view.edition().site().language());
        return view.offering(page, Locale.forLanguageTag(language));
    }

    /** Where somebody is led to who has sent a form on a page. */
    String address(View view, Page page, Answer answer) {
        return view.path(page) + "?" + FormNames.SENT + "="
                + URLEncoder.encode(facts.token(answer.id()), StandardCharsets.UTF_8) + "#"
                + FormNames.anchor(answer.form());
    }

    /** The page as somebody sees it who sent a form there; empty where the token is none of ours, or the form stands there no more. */
    Optional<Reply> shown(Workspace workspace, Caller caller, String path, Map<String, String> query) {
        if (workspace.now().release() == 0 || MEANT.stream().noneMatch(query::containsKey)) {
            return Optional.empty();
        }
        LiveSite site = sites.of(workspace);
        View view = site.view(caller).wrapped(KEPT_OUT);
        return pageAt(view, path)
                .flatMap(page -> sending(workspace, view, page, query).map(s -> site.filled(view, page, s, 200)));
    }

    private Optional<Sending> sending(Workspace workspace, View view, Page page, Map<String, String> query) {
        String change = query.getOrDefault(FormNames.CHANGE, "");
        String to = query.getOrDefault(FormNames.TO, "");
        String rate = query.getOrDefault(FormNames.RATE, "");
        if (!to.isEmpty()) {
            return CommentRules.form(view.edition(), page)
                    .filter(f -> answers.find(workspace.site(), new AnswerId(to))
                            .filter(a -> a.page().equals(page.id()) && a.onPage() != null)
                            .isPresent())
                    .map(f -> VisitorComments.answering(f.id(), to));
        }
        if (rate.matches("[1-" + Rating.MOST + "]")) {
            return Optional.of(Sending.told(FormNames.RATE, new Mistake(Phrase.RATING_GIVEN, List.of(rate))));
        }
        String token = change.isEmpty() ? query.getOrDefault(FormNames.SENT, "") : change;
        return facts.answer(token)
                .flatMap(id -> answers.find(workspace.site(), id))
                .filter(answer -> FormUse.isOn(view.edition(), page, answer.form()))
                .map(answer -> change.isEmpty() ? sending(view, answer, token) : changing(view, answer, token));
    }

    private Sending changing(View view, Answer answer, String token) {
        return CommentChange.may(view, answer, clock.instant())
                ? CommentChange.form(answer, token)
                : Sending.told(answer.form(), new Mistake(Phrase.COMMENT_LATE, List.of()));
    }

    /** Leads to the page from which an answer was sent, or another on which its form stands. */
    Reply lead(Workspace workspace, Caller caller, String token) {
        LiveSite site = sites.of(workspace);
        View view = site.view(caller);
        return facts.answer(token)
                .flatMap(id -> answers.find(workspace.site(), id))
                .flatMap(answer -> page(view, answer).map(page -> Reply.elsewhereForNow(address(view, page, answer))))
                .orElseGet(() -> site.at("/-"))
                .kept("no-store");
    }

    private static Optional<Page> page(View view, Answer answer) {
        Edition edition = view.edition();
        return edition.page(answer.page())
                .filter(p -> FormUse.isOn(edition, p, answer.form()))
                .or(() -> FormUse.pages(edition, answer.form()).stream()
                        .flatMap(id -> edition.page(id).stream())
                        .findFirst())
                .filter(view::shows);
    }

    private Sending sending(View view, Answer answer, String token) {
        Sending sent = Sending.sent(answer.form(), State.SENT);
        Place place = answer.place();
        if (answer.onPage() != null) {
            // What is set apart is told as what waits is: whoever sends spam learns nothing by it.
            return sent.telling(
                    AnswerWords.told(answer), CommentChange.may(view, answer, clock.instant()) ? token : "");
        }
        if (place == null) {
            return sent;
        }
        boolean may = place.stands() == Answer.Stands.PLACE || place.stands() == Answer.Stands.WAITS;
        return sent.telling(AnswerWords.told(answer), may ? token : "");
    }
}
