package venue.server.live;

import java.time.Instant;
import java.time.InstantSource;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.edition.json.ItemJson;
import venue.core.model.form.Form;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.site.BoundPage;
import venue.core.model.site.Site;
import venue.core.show.render.OwnPages;
import venue.core.show.render.View;
import venue.server.account.Device;
import venue.server.app.Origins;
import venue.server.filling.AnswerWords;
import venue.server.filling.FormFacts;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.letter.Subscribers;
import venue.store.member.Member;
import venue.store.member.MemberSessions;
import venue.store.member.Members;
import venue.store.rating.PageRatings;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** The pages of the members' own: to come in, to look after what is kept of them, to leave. */
@Component
class MemberPages {

    static final String MY_PAGE = "/-/my-page";
    private static final String KEPT = MY_PAGE + "/kept.json";
    private static final String WHERE = "/-/";

    private final Members members;
    private final Answers answers;
    private final Subscribers subscribers;
    private final PageRatings ratings;
    private final FormFacts facts;
    private final Origins origins;
    private final InstantSource clock;

    MemberPages(
            Members members,
            Answers answers,
            Subscribers subscribers,
            FormFacts facts,
            PageRatings ratings,
            Origins origins,
            InstantSource clock) {
        this.subscribers = subscribers;
        this.ratings = ratings;
        this.answers = answers;
        this.facts = facts;
        this.members = members;
        this.origins = origins;
        this.clock = clock;
    }

    /** The task that a page under an address has. */
    static Optional<BoundPage> task(String path) {
        return Stream.of(BoundPage.values())
                .filter(b -> b.isOfMembers() && path.equals(WHERE + b.element()))
                .findFirst();
    }

    /** What is shown at an address before anything was done there; empty where none of these pages is. */
    Optional<Reply> at(Workspace workspace, Caller caller, String path, Map<String, String> query) {
        if (workspace.now().release() == 0) {
            return Optional.empty();
        }
        if (path.equals(KEPT)) {
            return caller.member()
                    .map(m -> Reply.text("application/json; charset=utf-8", kept(workspace, m), "no-store")
                            .asDownload("kept.json"));
        }
        return task(path).map(task -> of(workspace, caller, task, begin(workspace, task, query)));
    }

    private Guest.Turn begin(Workspace workspace, BoundPage task, Map<String, String> query) {
        String token = query.getOrDefault("token", "");
        String to = query.getOrDefault("to", "");
        Map<String, String> carried = Map.of("token", token, "to", SiteCookie.isOwnPath(to) ? to : "");
        boolean good = !token.isEmpty()
                && switch (task) {
                    case SIGN_IN -> members.entry().opens(workspace.site(), token);
                    case CONFIRM -> members.entry().isGood(workspace.site(), token);
                    case FORGOTTEN ->
                        members.entry().forgetful(workspace.site(), token).isPresent();
                    default -> false;
                };
        Guest.Turn turn = Guest.Turn.of(task.element(), good ? "link" : "").typed(carried);
        return token.isEmpty() || good ? turn : turn.wrong(say(workspace, Phrase.LINK_OLD));
    }

    /** Words of ours in the language of a site. */
    static String say(Workspace workspace, Phrase phrase) {
        return phrase.in(workspace.now().live().site().language());
    }

    /** One of these pages, as it has come to be. */
    Reply of(Workspace workspace, Caller caller, BoundPage task, Guest.Turn turn) {
        Standing standing = workspace.now();
        Edition live = standing.live();
        Guest guest = caller.member().isEmpty() ? Guest.NOBODY : guest(standing, caller);
        List<Guest.Session> sessions = caller.open()
                .filter(o -> task == BoundPage.MY_PAGE)
                .map(o -> sessions(live.site(), o))
                .orElse(List.of());
        View view = View.of(live, clock.instant(), origins.of(live.site()), View.Mode.VISITOR)
                .knowing(standing.changed())
                .seenBy(caller.visitor())
                .greeting(guest.after(turn.with(sessions).sending(sent(workspace, caller, task))));
        return Reply.page(200, OwnPages.forMembers(view, task)).kept("no-store");
    }

    private List<Guest.Sent> sent(Workspace workspace, Caller caller, BoundPage task) {
        return caller.member()
                .filter(m -> task == BoundPage.MY_PAGE)
                .map(m -> answers.ofMember(workspace.site(), m.id().toString()).stream()
                        .map(a -> sent(workspace, a))
                        .toList())
                .orElse(List.of());
    }

    private Guest.Sent sent(Workspace workspace, Answer answer) {
        String stands = AnswerWords.told(answer).stream()
                .map(t -> t.in(p -> say(workspace, p)))
                .collect(Collectors.joining(" "));
        return new Guest.Sent(
                (name(workspace, answer) + " " + stands).strip(),
                day(workspace.now().live().site(), answer.came()),
                FilledPages.ANSWER + "?of=" + facts.token(answer.id()));
    }

    private static String name(Workspace workspace, Answer answer) {
        return workspace
                .now()
                .live()
                .find(Form.class, answer.form())
                .map(Form::name)
                .orElse("");
    }

    /** The member who asks, as pages greet them. */
    static Guest guest(Standing standing, Caller caller) {
        return caller.open()
                .map(open -> new Guest(
                        open.member().name().isEmpty()
                                ? open.member().email()
                                : open.member().name(),
                        open.member().email(),
                        open.member().fields(),
                        news(standing, caller.visitor(), open.session().before()),
                        Guest.Turn.NONE))
                .orElse(Guest.NOBODY);
    }

    /** How many pages that strangers can't open have changed for a member since they were here before. */
    private static int news(Standing standing, Visitor visitor, @Nullable String before) {
        if (before == null) {
            return 0;
        }
        Instant since = Instant.parse(before);
        Gates gates = Gates.of(standing.live());
        return (int) gates.closed().stream()
                .map(Page::id)
                .filter(id -> standing.changed().getOrDefault(id, Instant.EPOCH).isAfter(since))
                .flatMap(id -> standing.live().page(id).stream())
                .filter(p -> gates.opens(p, visitor))
                .count();
    }

    private List<Guest.Session> sessions(Site site, MemberSessions.Open open) {
        Stream<MemberSessions.Session> all = members.sessions().of(open.member().id()).stream();
        List<MemberSessions.Session> others =
                all.filter(s -> !s.hash().equals(open.session().hash())).toList();
        return Stream.concat(Stream.of(open.session()), others.stream())
                .map(s -> new Guest.Session(Device.of(s.device()), day(site, s.begunAt())))
                .toList();
    }

    private static String day(Site site, String instant) {
        return Instant.parse(instant)
                .atZone(site.zone())
                .toLocalDate()
                .format(DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG)
                        .withLocale(Locale.forLanguageTag(site.language())));
    }

    private record Session(String device, String begunAt, String usedAt) {}

    private record Line(String asked, String answered) {}

    private record Sent(String form, String at, String until, List<Line> said) {}

    private record Letters(String asked, String stands, String agreed) {}

    private record Rated(String page, int given) {}

    private record Kept(
            String name,
            String email,
            Map<String, String> fields,
            String since,
            List<Session> sessions,
            List<Sent> sent,
            List<Letters> letters,
            List<Rated> rated) {}

    /** All that is kept of a member, as a file. */
    private String kept(Workspace workspace, Member member) {
        return ItemJson.write(new Kept(
                member.name(),
                member.email(),
                member.fields(),
                member.since(),
                members.sessions().of(member.id()).stream()
                        .map(s -> new Session(s.device(), s.begunAt(), s.usedAt()))
                        .toList(),
                answers.ofMember(workspace.site(), member.id().toString()).stream()
                        .map(a -> new Sent(
                                name(workspace, a),
                                a.came(),
                                a.until(),
                                a.said().stream()
                                        .map(s -> new Line(s.label(), s.words()))
                                        .toList()))
                        .toList(),
                subscribers.of(workspace.site(), member.email()).stream()
                        .map(s -> new Letters(s.asked(), s.stands().words(), s.proof()))
                        .toList(),
                rated(workspace, member)));
    }

    private List<Rated> rated(Workspace workspace, Member member) {
        return ratings.ofMember(workspace.site(), member.id().toString()).entrySet().stream()
                .map(g -> new Rated(
                        workspace.now().live().page(g.getKey()).map(Page::title).orElse(g.getKey()), g.getValue()))
                .toList();
    }
}
