package venue.server.proof;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.Hash;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Sending;
import venue.core.body.listing.Asked;
import venue.core.body.scene.Guest;
import venue.core.body.search.Found;
import venue.core.body.search.Searcher;
import venue.core.change.edit.Change;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.rollout.Decision;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.SharedSection;
import venue.core.model.site.BoundPage;
import venue.core.model.template.Template;
import venue.core.show.gathering.Hard;
import venue.core.show.render.Furnished;
import venue.core.show.render.Layouts;
import venue.core.show.render.OwnPages;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.Rendered;
import venue.core.show.render.Sample;
import venue.core.show.render.View;
import venue.core.show.render.Wrapping;
import venue.server.app.Origins;
import venue.store.proof.SentProofs;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/**
 * Proofs, by the path after the pass: {@code page/ID}, {@code pattern/ID}, {@code shared/ID}, {@code
 * template/ID}, {@code listing/ITEM} for the listing {@code element=ID} of {@code section=ID} in the layout {@code layout=KEY} on {@code hard=CASE} of its content. Queries: {@code marks=1}
 * for what managers see, {@code of=live} for the live release or another edition that {@link Editions} knows, {@code look=ID} in another look, {@code in=ID} in another
 * template, {@code at=HASH} as it was in that version, {@code take=PATTERN} with a pattern instead of its own
 * sections, or ({@code zone=KEY&index=N}) placed among them, {@code rolled=ID} with a template's or pattern's changes carried to it as
 * {@code chosen=KEY:CHOICE,KEY:CHOICE},
 * {@code state=ELEMENT:STATE} what an element of the members' shows after something was done, {@code as=} somebody else, as {@link SeenAs} has it, {@code q=WORDS} what is found for them, {@code further=-/2} a further page of a listing, {@code on=PAGE} a template on a page's content, {@code sample=1} a pattern or template with samples in its places to fill, {@code drawn=HASH} a drawing known by the hash of what it is drawn from.
 */
@Component
public class Proofs {

    /** The kinds of element whose states are those of a form. */
    private static final Set<String> OF_FORMS = Set.of("form", "comments");

    private static final Wrapping PROOF = new Wrapping(null, "/-/proof.css", "/-/proof.js", false, null);
    private static final Wrapping DRAWING = new Wrapping("venue-drawing", "/-/proof.css", "/-/proof.js", false, null);
    private static final Wrapping SENT = new Wrapping(null, null, null, true, null);

    private static final int DRAWINGS = 2_000;

    private final Cache<String, Rendered> drawings =
            Caffeine.newBuilder().maximumSize(DRAWINGS).build();
    private final ProofPass passes;
    private final Workspaces workspaces;
    private final Origins origins;
    private final WorkingView looks;
    private final SentProofs sent;
    private final TriedSearch search;
    private final Editions editions;

    Proofs(
            ProofPass passes,
            Workspaces workspaces,
            Origins origins,
            WorkingView looks,
            SentProofs sent,
            TriedSearch search,
            Editions editions) {
        this.editions = editions;
        this.search = search;
        this.passes = passes;
        this.workspaces = workspaces;
        this.origins = origins;
        this.looks = looks;
        this.sent = sent;
    }

    /** The Content-Security-Policy of a proof: its own site's files, and only the interface may frame it. */
    public String policy() {
        return "default-src 'none'; img-src 'self' data:; media-src 'self'; frame-src 'self' https:; style-src 'self' 'unsafe-inline'; font-src 'self'; script-src 'self';"
                + " base-uri 'none'; form-action 'none'; frame-ancestors " + String.join(" ", origins.ofInterface());
    }

    /** Whether a pass opens the proofs of a site. */
    public boolean isGood(SiteId site, String pass) {
        return passes.open(pass).filter(site::equals).isPresent();
    }

    /** The proof asked for; empty when the pass is not good for this site, or there is no such thing. */
    public Optional<Rendered> html(SiteId site, String path, Map<String, String> query) {
        String[] parts = path.split("/", 3);
        if (parts.length != 3 || !isGood(site, parts[0])) {
            return Optional.empty();
        }
        Workspace workspace = workspaces.require(site);
        return of(workspace, workspace.now(), parts[1], parts[2], query);
    }

    /** One of the site as it stands, whoever has seen to it that it may be seen. */
    Optional<Rendered> of(Workspace workspace, Standing standing, String sort, String id, Map<String, String> query) {
        Edition edition = query.containsKey("of")
                ? editions.of(workspace, standing, query.get("of"))
                : then(workspace, dressed(standing.working(), query), id, Hash.of(query.get("at")));
        if (sort.equals("page") && edition.page(id).isPresent()) {
            edition = foreseen(workspace.desk().on(edition), id, query);
        }
        View.Mode mode = query.containsKey("marks") ? View.Mode.MARKED : View.Mode.VISITOR;
        if (edition.items().isEmpty()) {
            return Optional.empty();
        }
        Searcher searcher =
                query.containsKey(Found.WORDS) ? search.tried(workspace, standing, Visitor.US) : Searcher.NONE;
        View view = looks.of(standing, edition, mode)
                .asking(
                        query.containsKey("further")
                                ? Asked.at("/" + query.get("further"), query).asked()
                                : Asked.NOTHING)
                .searchedBy(searcher)
                .wrapped(PROOF);
        if (!isDrawing(query)) {
            return drawn(view, sort, id, query);
        }
        String key = String.join("/", workspace.site(), sort, id, query.get("drawn"));
        return Optional.ofNullable(
                drawings.get(key, k -> drawn(view, sort, id, query).orElse(null)));
    }

    /** Whether what is asked for is known by the hash of all it is drawn from, and so never changes. */
    public static boolean isDrawing(Map<String, String> query) {
        return query.containsKey("drawn");
    }

    /** The edition with one item as it was in an earlier version. */
    private static Edition then(Workspace workspace, Edition working, String id, @Nullable Hash revision) {
        return Optional.ofNullable(revision)
                .flatMap(r -> workspace.archive().past(id, r))
                .filter(i -> working.find(id).isPresent())
                .map(i -> working.with(List.of(i), List.of()))
                .orElse(working);
    }

    /** A page of the working copy as visitors would get it, for whoever holds the link; search engines are kept out. */
    public Optional<Rendered> sent(SiteId site, String token) {
        Standing standing = workspaces.require(site).now();
        View view = looks.of(standing, View.Mode.VISITOR).wrapped(SENT);
        return sent.open(site, token).flatMap(standing.working()::page).map(p -> PageRenderer.render(view, p));
    }

    /** The edition as it would be with a pattern taken, or a template's changes rolled out; nothing is changed. */
    private static Edition foreseen(Desk desk, String page, Map<String, String> query) {
        Edition edition = desk.edition();
        String take = query.getOrDefault("take", "");
        String rolled = query.getOrDefault("rolled", "");
        Command command = null;
        if (edition.find(Pattern.class, take).isPresent()) {
            command = query.containsKey("zone")
                    ? placed(desk, page, take, query)
                    : SectionCommand.takePattern(page, take);
        } else if (isOrigin(edition, rolled)) {
            command = TemplateCommand.rollOutSections(rolled, Map.of(page, choices(query)));
        }
        if (command == null) {
            return edition;
        }
        Change change = command.on(desk);
        return edition.with(change.put(), change.removed());
    }

    private static Command placed(Desk desk, String page, String take, Map<String, String> query) {
        String index = query.getOrDefault("index", "");
        return SectionCommand.placeSection(
                page,
                query.getOrDefault("zone", ""),
                index.matches("\\d{1,6}") ? Integer.parseInt(index) : Integer.MAX_VALUE,
                desk.freshId(),
                take,
                null,
                List.of());
    }

    /** What was chosen for the page's strands: {@code KEY:CHOICE}, with commas between; what is not so written is passed over. */
    private static Map<String, Decision> choices(Map<String, String> query) {
        Map<String, Decision> choices = new HashMap<>();
        for (String written : query.getOrDefault("chosen", "").split(",")) {
            String[] parts = written.split(":", 2);
            Stream.of(Decision.values())
                    .filter(c -> parts.length == 2 && c.name().equals(parts[1]))
                    .forEach(c -> choices.put(parts[0], c));
        }
        return choices;
    }

    private static boolean isOrigin(Edition edition, @Nullable String id) {
        return edition.find(Template.class, id).isPresent()
                || edition.find(Pattern.class, id).isPresent();
    }

    private static Edition dressed(Edition working, Map<String, String> query) {
        return working.find(venue.core.model.theme.Look.class, query.get("look"))
                .map(t -> working.with(List.of(working.site().withLook(t.id())), List.of()))
                .orElse(working);
    }

    private static Optional<Rendered> drawn(View view, String sort, String id, Map<String, String> query) {
        Edition edition = view.edition();
        View marked = view.marked();
        View drawing = marked.wrapped(DRAWING);
        return switch (sort) {
            case "page" -> edition.page(id).map(p -> page(view, p, query));
            case "pattern" ->
                edition.find(Pattern.class, id)
                        .map(p -> isDrawing(query)
                                ? PageRenderer.sections(drawing, Furnished.of(edition, p))
                                : PageRenderer.sections(
                                        seen(view, query),
                                        query.containsKey("sample") ? Furnished.of(edition, p) : p.sections()));
            case "shared" ->
                edition.find(SharedSection.class, id).map(s -> PageRenderer.sections(drawing, List.of(s.section())));
            case "template" ->
                edition.find(Template.class, id)
                        .map(t -> template(
                                query.containsKey("sample") ? drawing : seen(marked.wrapped(PROOF), query), t, query));
            case "listing" -> listing(drawing.asking(Asked.at("/", query).asked()), id, query);
            default -> Optional.empty();
        };
    }

    private static Optional<Rendered> listing(View view, String item, Map<String, String> query) {
        Edition edition = view.edition();
        Hard hard = Stream.of(Hard.values())
                .filter(h -> h.name().equalsIgnoreCase(query.get("hard")))
                .findFirst()
                .orElse(Hard.AS_IT_IS);
        return Layouts.listing(edition, item, query.getOrDefault("section", ""), query.getOrDefault("element", ""))
                .map(e -> Layouts.drawn(
                        view.trying(hard),
                        Layouts.stand(edition, item, query.get("on")),
                        e,
                        query.getOrDefault("layout", "cards")));
    }

    /** On a page's content, or on what it brings itself and made-up facts. */
    private static Rendered template(View view, Template template, Map<String, String> query) {
        Template worn = query.containsKey("sample") ? Furnished.of(view.edition(), template) : template;
        Page on = view.edition().page(query.get("on")).orElseGet(() -> Sample.of(view.edition(), worn));
        return PageRenderer.renderIn(view, on, worn);
    }

    /** As somebody would get it, where that is asked for. */
    private static View seen(View view, Map<String, String> query) {
        String as = query.getOrDefault("as", "");
        String[] state = query.getOrDefault("state", "").split(":", 2);
        View seen = SeenAs.isWritten(as) ? view.seenBy(SeenAs.of(as)) : view;
        if (state.length < 2) {
            return seen;
        }
        return OF_FORMS.contains(state[0])
                ? seen.telling(seen.facts()
                        .at(Sending.every(state[1].equals("taken") ? Sending.State.SENT : Sending.State.REFUSED)))
                : seen.greeting(Guest.sample(state[0], state[1]));
    }

    private static Rendered page(View whole, Page page, Map<String, String> query) {
        View view = seen(whole, query);
        return switch (Gates.of(whole.edition()).of(page).gate().meets(view.visitor())) {
            case SIGN_IN -> OwnPages.forMembers(view, BoundPage.SIGN_IN);
            case REFUSED -> OwnPages.closed(view);
            case NOTHING -> OwnPages.notFound(view);
            case OPENS -> opened(view, page, query);
        };
    }

    private static Rendered opened(View view, Page page, Map<String, String> query) {
        return view.edition()
                .find(Template.class, query.get("in"))
                .map(t -> PageRenderer.renderIn(view, page, t))
                .orElseGet(() -> PageRenderer.render(view, page));
    }
}
