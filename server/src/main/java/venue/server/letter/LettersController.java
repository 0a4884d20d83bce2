package venue.server.letter;

import java.time.InstantSource;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.SubscriberId;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.model.page.Page;
import venue.server.here.Here;
import venue.server.letter.LetterRows.LetterAddress;
import venue.server.letter.LetterRows.LetterDetail;
import venue.server.letter.LetterRows.LetterRow;
import venue.server.letter.LetterRows.LetterSources;
import venue.server.letter.LetterRows.LetterWording;
import venue.server.letter.LetterRows.LettersTold;
import venue.server.letter.LetterRows.ListRow;
import venue.server.mail.ListPost;
import venue.store.letter.Letter;
import venue.store.letter.Letter.To;
import venue.store.letter.Letters;
import venue.store.letter.Subscriber.Stands;
import venue.store.letter.Subscribers;

/** The letters of a site: written, tried, sent, stopped. */
@RestController
@RequestMapping("/api/sites/{site}/letters")
class LettersController {

    private static final int MOST_SHOWN = 200;

    private final Letters letters;
    private final Subscribers subscribers;
    private final LetterMaker maker;
    private final LetterShown shown;
    private final ListPost post;
    private final InstantSource clock;

    LettersController(
            Letters letters,
            Subscribers subscribers,
            LetterMaker maker,
            LetterShown shown,
            ListPost post,
            InstantSource clock) {
        this.letters = letters;
        this.subscribers = subscribers;
        this.maker = maker;
        this.shown = shown;
        this.post = post;
        this.clock = clock;
    }

    private static void require(Here here) {
        here.requireManager("work with letters and who gets them");
    }

    @GetMapping
    LettersTold letters(Here here) {
        require(here);
        List<LetterRow> rows = letters.all(here.site()).stream()
                .map(l -> row(here, l, letters.tally(l)))
                .toList();
        return new LettersTold(rows, lists(here), post.isSetUp(), post.signs(), post.isSetUp() ? post.sender() : "");
    }

    private List<ListRow> lists(Here here) {
        Edition working = here.working();
        Map<String, Map<Stands, Integer>> counts = subscribers.counts(here.site());
        Set<String> ids = new TreeSet<>(counts.keySet());
        working.all(Form.class)
                .filter(f -> f.is(FormSettings.LIST) && !f.retired())
                .map(Form::id)
                .forEach(ids::add);
        return ids.stream()
                .map(id -> list(working, id, new EnumMap<>(counts.getOrDefault(id, new EnumMap<>(Stands.class)))))
                .toList();
    }

    private static ListRow list(Edition working, String id, Map<Stands, Integer> many) {
        Optional<Form> form = working.find(Form.class, id);
        return new ListRow(
                id,
                form.map(Form::name).orElse("A form that was removed"),
                form.isEmpty(),
                form.isEmpty() ? 0 : FormUse.pages(working, id).size(),
                many.getOrDefault(Stands.IN, 0),
                many.getOrDefault(Stands.ASKED, 0),
                many.getOrDefault(Stands.OUT, 0),
                many.getOrDefault(Stands.REFUSED, 0));
    }

    private static LetterRow row(Here here, Letter letter, Map<To, Integer> gone) {
        Letter.Wording says = letter.wording();
        String title = here.now()
                .live()
                .page(says.page())
                .or(() -> here.working().page(says.page()))
                .map(Page::title)
                .orElse(says.page().isEmpty() ? "" : "A page that was removed");
        return new LetterRow(
                letter.id(),
                says.subject(),
                says.list(),
                letter.state(),
                title.isEmpty() || says.listing() == null ? title : "What is new in " + title,
                letter.rate(),
                letter.started(),
                letter.ended(),
                letter.next(),
                letter.trouble(),
                gone);
    }

    @GetMapping("/{letter}")
    LetterDetail letter(Here here, @PathVariable String letter) {
        require(here);
        return detail(here, letters.require(here.site(), new LetterId(letter)));
    }

    private LetterDetail detail(Here here, Letter letter) {
        Optional<Letters.Written> written = letters.written(letter.id());
        venue.core.show.letter.Letter made = null;
        String cannot = "";
        try {
            made = written.isPresent()
                    ? new venue.core.show.letter.Letter(
                            written.get().html(), written.get().plain(), 0)
                    : maker.made(here.now(), letter.wording());
        } catch (Refusal refusal) {
            cannot = refusal.getMessage() + " " + refusal.fix();
        }
        String print = made == null ? "" : LetterMaker.print(made);
        return new LetterDetail(
                row(here, letter, letters.tally(letter)),
                LetterWording.of(letter.wording()),
                letter.changed(),
                made == null ? "" : shown.path(here.site(), letter.id()),
                print,
                made == null ? "" : made.plain(),
                cannot,
                made == null ? 0 : made.html().length(),
                venue.core.show.letter.Letter.LONGEST,
                made == null ? 0 : made.told(),
                made != null && print.equals(letter.tested()),
                subscribers.count(
                        here.site(), new Subscribers.Which(letter.wording().list(), Stands.IN, "")),
                addresses(letter.id(), To.UNSURE),
                addresses(letter.id(), To.REFUSED));
    }

    private List<LetterAddress> addresses(LetterId id, To state) {
        return letters.addressed(id, state, MOST_SHOWN).stream()
                .map(a -> new LetterAddress(a.subscriber(), a.email(), a.said()))
                .toList();
    }

    @PostMapping
    LetterDetail begin(Here here, @RequestBody LetterWording given) {
        require(here);
        return detail(
                here, letters.draft(here.site(), here.person().id(), LettersDoor.fit(given), LettersDoor.USUAL_RATE));
    }

    /** @param seen when it was changed last, as whoever writes saw it */
    record LetterWritten(LetterWording wording, String seen) {}

    @PostMapping("/{letter}")
    LetterDetail write(Here here, @PathVariable String letter, @RequestBody LetterWritten given) {
        require(here);
        return detail(
                here,
                letters.write(
                        here.site(),
                        new LetterId(letter),
                        here.person().id(),
                        LettersDoor.fit(given.wording()),
                        given.seen()));
    }

    /** What a letter can tell of a page. */
    @GetMapping("/sources")
    LetterSources sources(Here here, @RequestParam String page) {
        require(here);
        LocalDate today =
                LocalDate.ofInstant(clock.instant(), here.now().live().site().zone());
        String since = letters.all(here.site()).stream()
                .filter(l -> l.wording().listing() != null && l.wording().page().equals(page))
                .flatMap(l -> Optional.ofNullable(l.started()).stream())
                .findFirst()
                .map(at -> at.substring(0, today.toString().length()))
                .orElse(today.minusMonths(1).toString());
        return new LetterSources(maker.listings(here.now(), page), since);
    }

    /** As it would go out now; refused where it can't. */
    private venue.core.show.letter.Letter ready(Here here, Letter one) {
        LettersDoor.requireMail(post.isSetUp());
        venue.core.show.letter.Letter made = maker.made(here.now(), one.wording());
        LettersDoor.requireSaying(one, made);
        return made;
    }

    /** Sends it to whoever asks, as it is now. */
    @PostMapping("/{letter}/test")
    LetterDetail test(Here here, @PathVariable String letter) {
        require(here);
        Letter one = letters.require(here.site(), new LetterId(letter));
        venue.core.show.letter.Letter made = ready(here, one);
        String origin = maker.view(here.now()).origin();
        post.test(new ListPost.ToOne(
                one.id() + ".test." + clock.millis() + "@"
                        + here.now().live().site().hosts().get(0),
                one.wording().list() + ".test",
                here.now().live().site().name(),
                here.person().email(),
                one.wording().subject(),
                made.html().replace(venue.core.show.letter.Letter.LEAVE, origin + Subscribing.WHERE),
                made.plain().replace(venue.core.show.letter.Letter.LEAVE, origin + Subscribing.WHERE),
                origin + Subscribing.WHERE));
        letters.tested(one.id(), LetterMaker.print(made));
        return letter(here, letter);
    }

    @PostMapping("/{letter}/send")
    LetterDetail send(Here here, @PathVariable String letter) {
        require(here);
        Letter one = letters.require(here.site(), new LetterId(letter));
        venue.core.show.letter.Letter made = ready(here, one);
        letters.start(here.by(), here.site(), one.id(), new Letters.Written(made.html(), made.plain()));
        return letter(here, letter);
    }

    @PostMapping("/{letter}/stop")
    LetterDetail stop(Here here, @PathVariable String letter) {
        require(here);
        letters.stop(here.site(), new LetterId(letter));
        return letter(here, letter);
    }

    /** Goes on that was stopped, or waits because of a trouble. */
    @PostMapping("/{letter}/on")
    LetterDetail goOn(Here here, @PathVariable String letter) {
        require(here);
        LettersDoor.requireMail(post.isSetUp());
        letters.goOn(here.site(), new LetterId(letter));
        return letter(here, letter);
    }

    /** @param rate how many are written to in a minute */
    record LetterPace(int rate) {}

    @PostMapping("/{letter}/pace")
    LetterDetail pace(Here here, @PathVariable String letter, @RequestBody LetterPace given) {
        require(here);
        letters.pace(here.site(), new LetterId(letter), LettersDoor.rate(given.rate()));
        return letter(here, letter);
    }

    /** @param again whether it is sent to them again; else they have it */
    record LetterDecision(List<SubscriberId> subscribers, boolean again) {}

    /** What is said of those of whom nobody knows whether they have it. */
    @PostMapping("/{letter}/unsure")
    LetterDetail unsure(Here here, @PathVariable String letter, @RequestBody LetterDecision given) {
        require(here);
        letters.decide(here.site(), new LetterId(letter), given.subscribers(), given.again());
        return letter(here, letter);
    }

    @PostMapping("/{letter}/remove")
    LettersTold remove(Here here, @PathVariable String letter) {
        require(here);
        letters.remove(here.by(), here.site(), new LetterId(letter));
        return letters(here);
    }
}
